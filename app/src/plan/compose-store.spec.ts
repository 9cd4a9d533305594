import { TestBed } from '@angular/core/testing';
import type { Pairing } from '@dray/core/late';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { fitToTime } from '@dray/core/late';
import { ASK_COMPOSE, type AskCompose, type ComposeAnswers } from '../workers/compose';
import { ViewStore } from '../state/view-store';
import { ComposeStore } from './compose-store';
import { PlanStore } from './plan-store';

const found: Pairing = { slotIds: ['tue-press', 'tue-hinge'], savedSeconds: 80, worth: 80, against: [] };

describe('ComposeStore', () => {
  let db: DrayDb;
  let asked: { abort: AbortSignal; progress: (share: number) => void; answer: () => void } | undefined;

  beforeEach(async () => {
    db = provideFreshBrowser();
    asked = undefined;
    const ask: AskCompose = (kind, { session, tier }, abort, progress) =>
      new Promise((resolve) => {
        const answer = (own: unknown) => resolve(own as ComposeAnswers[typeof kind]);
        const { catalog } = TestBed.inject(ViewStore);
        if (kind === 'fit') answer(fitToTime(session, session.budgetMinutes, { tier, catalog: catalog() }));
        else asked = { abort, progress: (share) => progress?.(share), answer: () => answer([found]) };
      });
    TestBed.configureTestingModule({
      providers: [PlanStore, ComposeStore, { provide: ASK_COMPOSE, useValue: ask }],
    });
    await openedDocuments();
    TestBed.inject(ViewStore).showSession('tuesday');
  });

  afterEach(() => {
    db.close();
  });

  const kinds = () =>
    TestBed.inject(ComposeStore)
      .remarks()
      .map(({ kind }) => kind);

  it('mends with one step of undo, and waves away for good', () => {
    const compose = TestBed.inject(ComposeStore);
    const { documents } = TestBed.inject(PlanStore);
    expect(kinds()).toContain('longStrain');
    compose.mend(compose.remarks().find(({ kind }) => kind === 'longStrain')!);
    expect(kinds()).not.toContain('longStrain');
    expect(documents.undoLabel()).toBe('hold 20 s, one set more');
    documents.undo();
    expect(kinds()).toContain('longStrain');
    compose.dismiss(compose.remarks().find(({ kind }) => kind === 'upAndDown')!);
    expect(kinds()).not.toContain('upAndDown');
  });

  it('takes the way to a shorter session step by step', async () => {
    const compose = TestBed.inject(ComposeStore);
    const plan = TestBed.inject(PlanStore);
    expect(compose.over()).toBeFalse();
    plan.setBudget(27);
    expect(kinds()).toContain('overTime');
    for (let taken = 0; compose.over() && taken < 8; taken += 1) {
      await compose.findFit(compose.question()!);
      const [step] = compose.fit()!.steps;
      compose.takeFit(step!);
      expect(compose.fit()?.steps).not.toContain(step!);
    }
    expect(kinds()).not.toContain('overTime');
    const longest = Math.max(...plan.timelines().map(({ timeline }) => timeline.totalSeconds));
    expect(longest).toBeLessThanOrEqual(27 * 60);
  });

  it('asks for supersets elsewhere, makes them, and can be stopped', async () => {
    const compose = TestBed.inject(ComposeStore);
    void compose.findPairings();
    expect(compose.searching()).toBeTrue();
    asked?.progress(0.5);
    expect(compose.progress()).withContext('too soon to show').toBeUndefined();
    asked?.answer();
    await until(() => compose.pairings() !== undefined);
    compose.takePairing(found);
    const block = compose.session()?.blocks.find(({ slots }) => slots.some(({ id }) => id === 'tue-hinge'));
    expect(block?.kind).toBe('superset');
    expect(block?.slots.map(({ id }) => id)).toEqual(['tue-press', 'tue-hinge']);
    void compose.findPairings();
    compose.stopPairings();
    expect(asked?.abort.aborted).toBeTrue();
    expect(compose.searching()).toBeFalse();
  });

  it('says what the class has to have at hand, and sees the body of the tier that is shown', () => {
    const compose = TestBed.inject(ComposeStore);
    expect(compose.equipment().props.map(({ words }) => words)).toContain('a firm chair');
    expect(compose.equipment().held.find(({ name }) => name === 'Juno')?.things).toContain('kettlebell');
    const sets = () => compose.muscleBars().reduce((sum, bar) => sum + bar.sets, 0);
    const middle = sets();
    TestBed.inject(PlanStore).chooseTier('beginner');
    expect(sets()).toBeLessThan(middle);
    compose.setFocus('upperPull');
    expect(kinds()).toContain('missed');
  });
});
