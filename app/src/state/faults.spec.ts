import { TestBed } from '@angular/core/testing';
import { Notice } from '../ui/notice';
import { Faults } from './faults';

describe('Faults', () => {
  function saidOf(error: unknown): string {
    const notice = { say: jasmine.createSpy<(words: string) => void>('say') };
    TestBed.configureTestingModule({ providers: [Faults, { provide: Notice, useValue: notice }] });
    spyOn(console, 'error');
    TestBed.inject(Faults).handleError(error);
    expect(console.error).toHaveBeenCalledOnceWith(error);
    return notice.say.calls.mostRecent().args[0];
  }

  it('says that a screen could not be loaded', () => {
    const error = new TypeError('Failed to fetch dynamically imported module: /chunk-A.js');
    expect(saidOf(error)).toMatch(/^A part of Dray could not be loaded\./);
  });

  it('says the same of a part of a screen that is loaded later', () => {
    expect(saidOf(new Error('NG0750'))).toMatch(/^A part of Dray could not be loaded\./);
  });

  it('says what went wrong of anything else, cut short', () => {
    expect(saidOf(new Error('x'.repeat(500)))).toContain(`(${'x'.repeat(120)})`);
  });

  it('says what was thrown that is no error', () => {
    expect(saidOf('gone')).toContain('(gone)');
  });
});
