import { TestBed } from '@angular/core/testing';
import { Device } from '../data/device';
import { provideFreshBrowser, until } from '../testing';
import { Shortcuts } from './keys';

describe('Shortcuts', () => {
  const press = (init: KeyboardEventInit, on: Element = document.body): KeyboardEvent => {
    const event = new KeyboardEvent('keydown', init);
    Object.defineProperty(event, 'target', { value: on });
    return event;
  };
  const b = { key: 'b', code: 'KeyB' };

  it('are single keys, never where somebody writes', () => {
    provideFreshBrowser();
    const shortcuts = TestBed.inject(Shortcuts);
    expect(shortcuts.of(press(b))).toBe('b');
    expect(shortcuts.of(press(b, document.createElement('input')))).toBeUndefined();
    expect(shortcuts.of(press({ ...b, altKey: true }))).toBeUndefined();
    expect(shortcuts.of(press({ ...b, ctrlKey: true }))).toBeUndefined();
  });

  it('count only with Alt, whatever sign that writes, when the coach says so', () => {
    provideFreshBrowser();
    const shortcuts = TestBed.inject(Shortcuts);
    shortcuts.choose('alt');
    expect(shortcuts.of(press(b))).toBeUndefined();
    expect(shortcuts.of(press({ key: '∫', code: 'KeyB', altKey: true }))).toBe('b');
    expect(shortcuts.of(press({ key: '¡', code: 'Digit1', altKey: true }))).toBe('1');
    expect(shortcuts.of(press({ key: '“', code: 'BracketLeft', altKey: true }))).toBe('[');
  });

  it('that write nothing count however letters are used: a class is led with arrows and the space bar', () => {
    provideFreshBrowser();
    const shortcuts = TestBed.inject(Shortcuts);
    for (const choice of ['alone', 'alt', 'off'] as const) {
      shortcuts.choose(choice);
      for (const key of [' ', 'ArrowRight', 'Escape', 'Delete'])
        expect(shortcuts.of(press({ key })))
          .withContext(choice)
          .toBe(key);
      expect(shortcuts.of(press({ key: ' ' }, document.createElement('textarea')))).toBeUndefined();
      expect(shortcuts.of(press({ key: 'ArrowLeft', ctrlKey: true }))).toBeUndefined();
    }
  });

  it('are off where the coach wants none, and stay so', async () => {
    const db = provideFreshBrowser();
    TestBed.inject(Shortcuts).choose('off');
    expect(TestBed.inject(Shortcuts).of(press(b))).toBeUndefined();
    await until(async () => (await TestBed.inject(Device).get('shortcuts')) === 'off');
    TestBed.resetTestingModule();
    provideFreshBrowser(db);
    const again = TestBed.inject(Shortcuts);
    await until(() => again.choice() === 'off');
    expect(again.of(press({ ...b, altKey: true }))).toBeUndefined();
    db.close();
  });
});
