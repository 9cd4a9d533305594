import { DOCUMENT } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { DocumentStore } from './document-store';
import { LoadAgain } from './load-again';

describe('LoadAgain', () => {
  const gone = {
    error: new TypeError('Failed to fetch dynamically imported module: /chunk-A.js'),
    url: '/kit',
  };

  function opened(answers: () => Promise<unknown>) {
    const went: string[] = [];
    const fetched = spyOn(window, 'fetch').and.callFake(answers as typeof fetch);
    TestBed.configureTestingModule({
      providers: [
        { provide: DOCUMENT, useValue: { location: { assign: (url: string) => went.push(url) } } },
        { provide: DocumentStore, useValue: { settled: () => Promise.resolve() } },
      ],
    });
    return { again: TestBed.inject(LoadAgain), went, fetched };
  }

  it('stays the first time, and opens the page anew at the screen the second', async () => {
    const { again, went } = opened(() => Promise.resolve({ ok: true }));
    await again.onFailure(gone);
    expect(went).toEqual([]);
    await again.onFailure(gone);
    expect(went).toEqual(['/kit']);
  });

  it('never leaves the page while nobody answers', async () => {
    const { again, went } = opened(() => Promise.reject(new TypeError('offline')));
    await again.onFailure(gone);
    await again.onFailure(gone);
    expect(went).toEqual([]);
  });

  it('leaves any other fault alone', async () => {
    const { again, went, fetched } = opened(() => Promise.resolve({ ok: true }));
    const other = { error: new Error('something else'), url: '/kit' };
    await again.onFailure(other);
    await again.onFailure(other);
    expect(fetched).not.toHaveBeenCalled();
    expect(went).toEqual([]);
  });
});
