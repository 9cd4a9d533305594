import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { provideRouter } from '@angular/router';
import { ViewStore } from '../state/view-store';
import { openedDocuments, until } from '../testing';
import { Frame } from '../ui/frame';
import { Shortcuts } from '../ui/keys';
import { FloorScreen } from './floor';
import { FloorChoices } from './floor-choices';
import { FloorStore } from './floor-store';
import { provideFloor } from './testing';

describe('FloorScreen', () => {
  let given: ReturnType<typeof provideFloor>;

  beforeEach(async () => {
    given = provideFloor();
    TestBed.configureTestingModule({ providers: [provideRouter([])] });
    await openedDocuments();
    TestBed.inject(ViewStore).showSession('tuesday');
  });

  afterEach(() => {
    TestBed.resetTestingModule();
    given.db.close();
  });

  async function screen() {
    const fixture = TestBed.createComponent(FloorScreen);
    const host = fixture.nativeElement as HTMLElement;
    document.body.append(host);
    const floor = fixture.debugElement.injector.get(FloorStore);
    // Everybody's own comes last.
    await until(() => floor.opened() && floor.leads() && host.querySelector('dray-lanes') !== null);
    await fixture.whenStable();
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const button = (text: string | RegExp) => loader.getHarness(MatButtonHarness.with({ text }));
    const press = async (key: string, init: KeyboardEventInit = {}, on: EventTarget = document.body) => {
      const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...init });
      on.dispatchEvent(event);
      await fixture.whenStable();
      return event.defaultPrevented;
    };
    const after = (ms: number) => {
      given.clock.now += ms;
      floor.tick();
    };
    const touch = async () => {
      host.querySelector('dray-stage')!.dispatchEvent(new PointerEvent('pointerup'));
      await fixture.whenStable();
    };
    const begin = async () => {
      await (await button('Begin the class')).click();
      await until(() => floor.run()?.status === 'going');
      // What it shows then stands on the page.
      await fixture.whenStable();
    };
    const place = () => {
      const run = floor.run()!;
      return `${run.at} ${run.phase}`;
    };
    const person = () => host.querySelector('dray-person-panel h2')?.textContent;
    return { fixture, host, floor, button, press, after, touch, begin, place, person };
  }

  it('comes part by part, so that no step of it holds the page up', async () => {
    const fixture = TestBed.createComponent(FloorScreen);
    const host = fixture.nativeElement as HTMLElement;
    const parts = () => ['.head', 'dray-stage', 'dray-lanes'].filter((part) => host.querySelector(part));
    fixture.detectChanges();
    expect(parts()).toEqual(['.head']);
    await until(() => parts().length > 1);
    expect(parts()).toContain('dray-stage');
    await until(() => parts().length === 3);
  });

  it('leaves the keys to the frame until a class is under way, and takes the whole window then', async () => {
    const { press, begin } = await screen();
    expect(await press(' ')).toBeFalse();
    expect(await press('1')).toBeFalse();
    expect(TestBed.inject(Frame).whole()).toBeFalse();
    await begin();
    expect(TestBed.inject(Frame).whole()).toBeTrue();
    expect(await press('1')).toBeTrue();
  });

  it('goes on, back and pauses by its keys, and takes each of them back', async () => {
    const { floor, press, begin, place } = await screen();
    await begin();
    const places = [place()];
    for (let steps = 0; steps < 2; steps += 1) {
      await press('ArrowRight');
      places.push(place());
    }
    expect(new Set(places).size).toBe(3);
    await press('ArrowLeft');
    expect(place()).toBe(places[1]!);
    await press('u');
    expect(place()).toBe(places[2]!);
    await press('z', { ctrlKey: true });
    expect(place()).toBe(places[1]!);
    await press('p');
    expect(floor.run()?.status).toBe('paused');
    await press('p');
    expect(floor.run()?.status).toBe('going');
  });

  it('does at space and a touch what the coach has chosen, and on again after a pause', async () => {
    const { floor, press, after, touch, begin, place } = await screen();
    await begin();
    const first = place();
    await press(' ');
    expect(place()).not.toBe(first);
    TestBed.inject(FloorChoices).choose({ touch: 'pause' });
    const second = place();
    after(1000);
    await touch();
    expect([floor.run()?.status, place()]).toEqual(['paused', second]);
    after(1000);
    await touch();
    expect(floor.run()?.status).toBe('going');
  });

  it('takes a trembling hand for one touch, and a held key for one wish', async () => {
    const { floor, press, after, touch, begin, place } = await screen();
    await begin();
    after(1000);
    await touch();
    const once = place();
    after(300);
    await touch();
    expect(place()).toBe(once);
    after(700);
    await touch();
    expect(place()).not.toBe(once);
    const before = place();
    expect(await press('ArrowRight', { repeat: true })).toBeTrue();
    expect(place()).toBe(before);
    expect(floor.run()?.status).toBe('going');
  });

  it('leaves space to a button that has the focus, and letters to a field', async () => {
    const { host, press, begin, place } = await screen();
    await begin();
    const first = place();
    const pause = [...host.querySelectorAll('button')].find((own) => own.textContent.includes('Pause'));
    expect(pause).toBeDefined();
    expect(await press(' ', {}, pause)).toBeFalse();
    const field = document.createElement('input');
    host.append(field);
    expect(await press('p', {}, field)).toBeFalse();
    expect(place()).toBe(first);
  });

  it('leads with arrows and space where letters are off, and with letters only where they are wanted', async () => {
    const { floor, press, begin, place } = await screen();
    await begin();
    TestBed.inject(Shortcuts).choose('off');
    const first = place();
    expect(await press('p')).toBeFalse();
    expect(floor.run()?.status).toBe('going');
    await press('ArrowRight');
    expect(place()).not.toBe(first);
  });

  it('brings a person to the front by their key, and puts them away again', async () => {
    const { press, begin, person } = await screen();
    await begin();
    await press('2');
    expect(person()).toBe('Odile');
    await press('5');
    expect(person()).toBe('Juno');
    await press('5');
    expect(person()).toBeUndefined();
    await press('5');
    await press('Escape');
    expect(person()).toBeUndefined();
  });

  it('remarks and steps for whoever is at the front by one letter, and for nobody else', async () => {
    const { floor, press, begin } = await screen();
    await begin();
    for (let steps = 0; steps < 40 && floor.run()?.turns[floor.run()!.at]?.slotId !== 'tue-squat'; steps += 1)
      floor.send({ kind: 'next' });
    if (floor.run()?.phase !== 'work') floor.send({ kind: 'next' });
    expect(await press('f')).toBeFalse();
    await press('5');
    await press('f');
    await press('n');
    const notes = Object.entries(floor.run()!.notes);
    expect(notes.length).toBe(1);
    expect(notes[0]![0]).toContain('juno');
    expect([notes[0]![1].form, notes[0]![1].left]).toEqual(['lost', 'nothing']);
    await press('e');
    expect(floor.run()!.lanes['juno']?.ways['tue-squat']).toEqual(['easier']);
    expect(floor.run()!.lanes['bram']?.ways['tue-squat'] ?? []).toEqual([]);
  });

  it('gives more rest only in a rest', async () => {
    const { floor, press, begin, button } = await screen();
    await begin();
    while (floor.run()?.phase !== 'gap') floor.send({ kind: 'next' });
    const rest = () => floor.run()!.extraMs;
    const before = rest();
    await press('ArrowUp');
    await (await button('+ 15 s rest')).click();
    expect(rest() - before).toBe(30_000);
  });

  it('has the whole class as a strip, what is over and what is on marked', async () => {
    const { host, floor, begin, press } = await screen();
    await begin();
    const parts = () => [...host.querySelectorAll('.all i')];
    expect(parts().length).toBe(floor.run()!.turns.length);
    await press('ArrowRight');
    await press('ArrowRight');
    const on = parts().findIndex((part) => part.classList.contains('on'));
    expect(on).toBe(floor.run()!.at);
    expect(parts().filter((part) => part.classList.contains('done')).length).toBeGreaterThan(0);
  });

  it('is over when it is ended, with a way to the log', async () => {
    const { fixture, host, floor, begin } = await screen();
    await begin();
    floor.send({ kind: 'end' });
    await fixture.whenStable();
    expect(host.querySelector('a[href="/log"]')?.textContent).toContain('To the log');
    expect(host.querySelector('a[href="/log/next"]')).not.toBeNull();
    expect(host.textContent).toContain('What was done is in the log.');
  });
});
