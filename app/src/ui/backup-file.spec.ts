import { TestBed } from '@angular/core/testing';
import { Device } from '../data/device';
import type { DrayDb } from '../data/dray-db';
import { provideFreshBrowser } from '../testing';
import { BackupFile } from './backup-file';

interface Picker {
  showSaveFilePicker?: unknown;
}

describe('BackupFile', () => {
  let db: DrayDb;
  const page = window as unknown as Picker;
  const own = page.showSaveFilePicker;

  beforeEach(() => (db = provideFreshBrowser()));
  afterEach(() => {
    page.showSaveFilePicker = own;
    db.close();
  });

  /** A place for a file, as a browser with access to files hands one out. */
  function place(permission: PermissionState = 'granted') {
    const written: string[] = [];
    const handle = {
      name: 'class.dray.json',
      queryPermission: async () => permission,
      requestPermission: async () => permission,
      createWritable: async () => ({
        write: async (text: string) => void written.push(text),
        close: async () => undefined,
      }),
    };
    return { handle, written };
  }
  const clicks = () => spyOn(HTMLAnchorElement.prototype, 'click');

  it('is a download where there is no access to files', async () => {
    page.showSaveFilePicker = undefined;
    const click = clicks();
    expect(await TestBed.inject(BackupFile).save('class.json', '{}')).toBe('class.json');
    expect(click).toHaveBeenCalledTimes(1);
  });

  it('asks for a place once, and then goes there again', async () => {
    const { handle, written } = place();
    const pick = jasmine.createSpy('pick').and.resolveTo(handle);
    page.showSaveFilePicker = pick;
    // A stand-in is no file of the system: it is remembered by hand.
    let kept: unknown;
    const device = TestBed.inject(Device);
    spyOn(device, 'set').and.callFake(async (_id, value) => void (kept = value));
    spyOn(device, 'get').and.callFake(async () => kept as never);
    const backup = TestBed.inject(BackupFile);
    expect(await backup.save('class.json', 'first')).toBe('class.dray.json');
    expect(await backup.save('class.json', 'second')).toBe('class.dray.json');
    expect(written).toEqual(['first', 'second']);
    expect(pick).toHaveBeenCalledTimes(1);
  });

  it('is nothing where the coach thought better of it', async () => {
    page.showSaveFilePicker = jasmine.createSpy('pick').and.rejectWith(new DOMException('no', 'AbortError'));
    const click = clicks();
    expect(await TestBed.inject(BackupFile).save('class.json', '{}')).toBeUndefined();
    expect(click).not.toHaveBeenCalled();
  });

  it('is a download where the place cannot be written to', async () => {
    page.showSaveFilePicker = jasmine
      .createSpy('pick')
      .and.rejectWith(new DOMException('gone', 'NotFoundError'));
    const click = clicks();
    expect(await TestBed.inject(BackupFile).save('class.json', '{}')).toBe('class.json');
    expect(click).toHaveBeenCalledTimes(1);
  });
});
