import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { MatCheckboxHarness } from '@angular/material/checkbox/testing';
import { schemeSchema, type Scheme, type Slot } from '@dray/core';
import { SCHEME_WORDS } from '@dray/core/late';
import type { DrayDb } from '../data/dray-db';
import { ViewStore } from '../state/view-store';
import { openedDocuments, provideFreshBrowser } from '../testing';
import { ChoiceHarness, FieldHarness } from './forms/testing';
import { SchemeChoice } from './scheme-choice';

describe('SchemeChoice', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    await openedDocuments();
    TestBed.inject(ViewStore).showSession('tuesday');
  });

  afterEach(() => {
    db.close();
  });

  async function choiceOf(begin: Scheme | undefined, of?: Slot, weeks?: number) {
    const fixture = TestBed.createComponent(SchemeChoice);
    let now = begin;
    const chosen: (Scheme | undefined)[] = [];
    fixture.componentRef.setInput('scheme', begin);
    if (of) fixture.componentRef.setInput('usualFor', of);
    if (weeks !== undefined) fixture.componentRef.setInput('weeks', weeks);
    fixture.componentInstance.chosen.subscribe((scheme) => {
      now = scheme;
      chosen.push(scheme);
      fixture.componentRef.setInput('scheme', scheme);
    });
    await fixture.whenStable();
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const grows = await loader.getHarness(ChoiceHarness.with({ named: 'grows by' }));
    const field = (named: string) => loader.getHarness(FieldHarness.with({ named }));
    const host = fixture.nativeElement as HTMLElement;
    return { host, loader, grows, field, chosen, now: () => now };
  }

  it('offers every school, each with what it does in words, and numbers that stand', async () => {
    const { grows, host, now } = await choiceOf(undefined);
    for (const [kind, { name, says }] of Object.entries(SCHEME_WORDS)) {
      await grows.choose(name);
      expect(now()?.kind).toBe(kind as Scheme['kind']);
      expect(schemeSchema.safeParse(now()).success).withContext(kind).toBeTrue();
      expect(host.textContent).withContext(kind).toContain(says);
    }
  });

  it('refuses a number beside its field, and keeps what stood', async () => {
    const { field, chosen } = await choiceOf({ kind: 'repsThenLoad', stepReps: 2, capPercent: 10 });
    const reps = await field('reps more a week');
    await reps.write('0');
    expect(await reps.problem()).not.toBe('');
    expect(chosen).toEqual([]);
    await reps.write('1');
    expect(chosen).toEqual([{ kind: 'repsThenLoad', stepReps: 1, capPercent: 10 }]);
  });

  it('judges the ends of a wave together, and draws a bar for each week', async () => {
    const wave: Scheme = {
      kind: 'wave',
      shape: 'step',
      fromPercent: 70,
      toPercent: 85,
      stepWeeks: 4,
      capPercent: 10,
    };
    const { field, host, chosen } = await choiceOf(wave, undefined, 8);
    expect(host.querySelectorAll('rect').length).toBe(8);
    // In steps of four the last of each is lighter.
    const lighter = [...host.querySelectorAll('rect')].flatMap((bar, at) =>
      bar.classList.contains('lighter') ? [at + 1] : [],
    );
    expect(lighter).toEqual([4, 8]);
    expect(host.querySelector('svg.wave')?.getAttribute('aria-label')).toContain('week 4: ');
    const lowest = await field('% of the maximum at its lowest');
    await lowest.write('90');
    expect(await lowest.problem()).not.toBe('');
    expect(chosen).toEqual([]);
  });

  it('asks for the length of a step only where there are steps', async () => {
    const { loader, grows, now } = await choiceOf(undefined);
    await grows.choose(SCHEME_WORDS.wave.name);
    const shape = await loader.getHarness(ChoiceHarness.with({ named: 'shape' }));
    const steps = () =>
      loader.getAllHarnesses(FieldHarness.with({ named: 'weeks to a step, the last one lighter' }));
    const seen = new Map<string, number>();
    for (const words of await shape.all()) {
      await shape.choose(words);
      const wave = now();
      if (wave?.kind === 'wave') seen.set(wave.shape, (await steps()).length);
    }
    expect(seen.get('step')).toBe(1);
    expect([...seen].filter(([, fields]) => fields > 0).length).toBe(1);
  });

  it('goes with every class where that is asked for, and back to once a week', async () => {
    const { loader, now } = await choiceOf({ kind: 'byReserve', capPercent: 10 });
    const every = await loader.getHarness(MatCheckboxHarness);
    await every.check();
    expect(now()).toEqual({ kind: 'byReserve', capPercent: 10, every: 'class' });
    await every.uncheck();
    expect(now()).toEqual({ kind: 'byReserve', capPercent: 10 });
  });

  it('lets one exercise do as the program does, and offers what is usual for it where that is something else', async () => {
    const slot = TestBed.inject(ViewStore)
      .session()!
      .blocks.flatMap(({ slots }) => slots)
      .find(({ id }) => id === 'tue-squat')!;
    const { loader, grows, now } = await choiceOf({ kind: 'rungFirst', capPercent: 10 }, slot);
    const [usual] = await loader.getAllHarnesses(MatButtonHarness.with({ text: /^Usual here/ }));
    await usual!.click();
    expect(now()?.kind).not.toBe('rungFirst');
    expect(await loader.getAllHarnesses(MatButtonHarness.with({ text: /^Usual here/ }))).toEqual([]);
    await grows.choose('as the program does');
    expect(now()).toBeUndefined();
  });
});
