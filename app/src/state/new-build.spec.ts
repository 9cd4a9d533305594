import { DOCUMENT } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { SwUpdate, type VersionEvent } from '@angular/service-worker';
import { Subject } from 'rxjs';
import { Notice } from '../ui/notice';
import { NewBuild } from './new-build';

describe('a newer build', () => {
  function watched() {
    const versions = new Subject<VersionEvent>();
    const updates = {
      isEnabled: true,
      versionUpdates: versions,
      checkForUpdate: async () => false,
      activateUpdate: jasmine.createSpy('activate').and.resolveTo(true),
    };
    const notice = { offer: jasmine.createSpy('offer') };
    const reload = jasmine.createSpy('reload');
    TestBed.configureTestingModule({
      providers: [
        { provide: SwUpdate, useValue: updates },
        { provide: Notice, useValue: notice },
        { provide: DOCUMENT, useValue: { location: { reload }, querySelectorAll: () => [] } },
      ],
    });
    TestBed.inject(NewBuild).watch();
    return { versions, updates, notice, reload };
  }
  const ready: VersionEvent = {
    type: 'VERSION_READY',
    currentVersion: { hash: 'a' },
    latestVersion: { hash: 'b' },
  };

  it('is said quietly, and nothing changes by itself', () => {
    const { versions, updates, notice, reload } = watched();
    versions.next({ type: 'VERSION_DETECTED', version: { hash: 'b' } });
    expect(notice.offer).not.toHaveBeenCalled();
    versions.next(ready);
    expect(notice.offer).toHaveBeenCalledOnceWith(
      'A newer Dray is here.',
      'Use it now',
      jasmine.any(Function) as unknown as () => void,
    );
    expect(updates.activateUpdate).not.toHaveBeenCalled();
    expect(reload).not.toHaveBeenCalled();
  });

  it('is used when the coach says so', async () => {
    const { versions, updates, notice, reload } = watched();
    versions.next(ready);
    const use = notice.offer.calls.mostRecent().args[2] as () => void;
    use();
    await updates.activateUpdate.calls.mostRecent().returnValue;
    await Promise.resolve();
    expect(reload).toHaveBeenCalledTimes(1);
  });
});
