import { aContext, aParticipant, aSlot, everyProp, pairs, reps } from '../../testing/people';
import { marksIn, traceText } from '../../testing/reading';
import {
  reps as repsOf,
  TIERS,
  type Kit,
  type Override,
  type Participant,
  type Prescription,
  type Session,
  type SlotSource,
} from '../model';
import { catalog } from '../library';
import { sessionTimeline } from '../plan';
import { attainableLoads, ownedFrom } from '../kit';
import { isHarder } from '../ladder';
import { leftOutWords, reasonWords, traceWords } from '../reason';
import { curveOf, oneRepMax, repsWorth } from '../strength';
import {
  alternativesFor,
  bridgeTo,
  loadWords,
  MOST_BRIDGE_REPS,
  resolve,
  timedCell,
  type Cell,
  type ReadyCell,
} from './index';

const gobletSet = { exerciseId: 'goblet-squat', loadKg: 20, reps: 8, reserve: 2, date: '2026-10-01' };

function ready(
  participant: Participant,
  things: Kit['implements'],
  of: string | SlotSource,
  plan?: Prescription,
): ReadyCell {
  const cell = resolve(aSlot(of, plan), aContext(participant, things));
  if (cell.status !== 'ready') throw new Error(leftOutWords(cell.because).why);
  return cell;
}

describe('resolve', () => {
  it('leaves a reason for each of the six steps, in order', () => {
    const cell = ready(aParticipant({ knownSets: [gobletSet] }), pairs(16, 18, 20), 'squat');
    const steps = [...new Set(cell.trace.map(({ step }) => step))];
    expect(steps).toEqual(['rung', 'cautions', 'kit', 'target', 'attainable', 'write']);
    for (const reason of cell.trace) expect(reasonWords(reason, 'kg')).toMatch(/^[“\p{Lu}\d].*\.$/u);
  });

  it('takes the load from the known set, there and back by the same formula', () => {
    const person = aParticipant({ knownSets: [gobletSet] });
    const cell = ready(person, pairs(17, 19, 21), 'squat', reps(3, 10, 2));
    // Epley 1985 for the maximum and for 10 + 2 reps alike, and the nearest of 17, 19, 21.
    const { strength, catalog } = aContext(person);
    const estimate = strength.estimate(catalog.exercises.get('goblet-squat')!)!;
    expect(cell.wantedKg).toBeCloseTo((estimate.maxKg * curveOf('epley').percentAt(12)) / 100, 10);
    // One set alone is believed nearly as it stands; the guess from body mass pulls by less than its own error.
    const alone = oneRepMax(20, 10, 'epley');
    expect(Math.abs(Math.log(estimate.middleKg / alone))).toBeLessThan(estimate.standardError);
    expect(cell.load?.kg).toBe(19);
    expect(cell.work).toEqual(
      jasmine.objectContaining({ sets: 3, amount: 10, kind: 'reps', perSide: false }),
    );
  });

  it('follows the person’s choice of formula', () => {
    const set = { ...gobletSet, reps: 4, reserve: 0 };
    const loads = (['epley', 'brzycki'] as const).map(
      (formula) => ready(aParticipant({ formula, knownSets: [set] }), pairs(12, 14), 'squat').wantedKg ?? 0,
    );
    expect(Math.sign(loads[0]! - loads[1]!)).toBe(
      Math.sign(oneRepMax(20, 4, 'epley') - oneRepMax(20, 4, 'brzycki')),
    );
    expect(loads[0]).not.toBeCloseTo(loads[1]!, 2);
  });

  it('obeys a load and a share of the maximum', () => {
    const person = aParticipant({ knownSets: [gobletSet] });
    const load: Prescription = { ...reps(3, 10), target: { kind: 'load', loadKg: 12 } };
    expect(ready(person, pairs(10, 12, 14), 'squat', load).load?.kg).toBe(12);
    const half: Prescription = { ...reps(3, 10), target: { kind: 'percent', percent: 60 } };
    expect(ready(person, pairs(14, 16, 18), 'squat', half).load?.kg).toBe(16);
  });

  it('never takes more than one repetition out of the reserve', () => {
    // 17.87 wanted; 20 kg would leave fewer than one of the two, so 14 it is, bridged by reps.
    const cell = ready(aParticipant({ knownSets: [gobletSet] }), pairs(14, 20), 'squat', reps(3, 10, 2));
    expect(cell.load?.kg).toBe(14);
    expect<number | undefined>(cell.work.amount).toBeGreaterThan(10);
    expect(marksIn(cell).some(({ kind }) => kind === 'bridge')).toBeTrue();
  });

  it('bridges with as many reps as the chart says the missing load is worth', () => {
    // Haff & Triplett's chart: 6 + 2 reps are 80 %; three quarters of that is 60 %, which the curve past the chart's
    // end (65 % at 15, on along Epley) reaches at (97.5 / 60 − 1) × 30 = 18.75 reps, two of them left undone.
    expect(repsWorth(15, 20, 6, 2)).toBeCloseTo(16.75, 10);
    expect(bridgeTo(10, 20, repsOf(10), 2)).toEqual(jasmine.objectContaining({ reps: MOST_BRIDGE_REPS }));
    expect(bridgeTo(10, 20, repsOf(10), 2)).toEqual({ reps: repsOf(20), full: true });
    expect<number>(bridgeTo(19.9, 20, repsOf(10), 2).reps).toBe(10);
  });

  it('stands in for what the kit cannot do, and says with what score', () => {
    const cell = ready(aParticipant(), everyProp(), 'squat');
    expect(cell.version.rung?.id).toBe('squat-free');
    expect(cell.load).toBeUndefined();
    const kitStep = traceWords(cell.trace, 'kg').find(({ step }) => step === 'kit');
    expect(kitStep?.acted).toBe('substitute');
    expect(kitStep?.sentences.join(' ')).toMatch(/Nearest to “.*” is “.*”\.$/);
  });

  it('gives everyone without the kit what comes next to the exercise the plan gives all, not the foot of its ladder', () => {
    // Common practice, no published source: the same movement with nothing in the hands.
    const unloaded: readonly (readonly [exerciseId: string, instead: string])[] = [
      ['goblet-squat', 'free-squat'],
      ['shoulder-pair-squat', 'free-squat'],
      ['pair-hinge', 'free-hinge'],
      ['front-raise', 'empty-front-raise'],
    ];
    for (const [exerciseId, instead] of unloaded) {
      for (const tier of TIERS) {
        const cell = ready(aParticipant({ tier }), everyProp(), { kind: 'exercise', exerciseId });
        expect(cell.version.exercise.id).withContext(`${exerciseId}, ${tier}`).toBe(instead);
        expect(cell.load).toBeUndefined();
      }
    }
  });

  it('gives a beginner with nothing at all the wall, not the floor', () => {
    expect(ready(aParticipant({ tier: 'beginner' }), [], 'press-up').version.rung?.id).toBe('press-wall');
  });

  it('never stands in with something harder for want of a thing, or says so loudly', () => {
    let stoodIn = 0;
    for (const tier of TIERS) {
      for (const ladder of catalog.ladders.values()) {
        const context = aContext(aParticipant({ tier }), []);
        const beach: Kit = { id: 'beach', name: 'Beach', unit: 'kg', implements: [], withoutWall: true };
        const cell = resolve(aSlot(ladder.id), { ...context, owned: ownedFrom([beach]) });
        const swap = cell.trace.find((reason) => reason.kind === 'substituted');
        if (cell.status !== 'ready' || !swap) continue;
        stoodIn += 1;
        const harder = isHarder(swap.version, swap.from, catalog);
        const loud = marksIn(cell).some(
          ({ kind, words }) => kind === 'caution' && words.startsWith('harder than planned'),
        );
        expect(loud)
          .withContext(`${tier}, ${ladder.id}: ${swap.from.name} → ${swap.version.name}`)
          .toBe(harder);
      }
    }
    expect(stoodIn).toBeGreaterThan(20);
  });

  it('stands in when even the lightest is too heavy', () => {
    const weak = aParticipant({ knownSets: [{ ...gobletSet, loadKg: 5 }] });
    const cell = ready(weak, [...pairs(20), ...everyProp()], 'squat');
    expect(cell.version.exercise.id).not.toBe('goblet-squat');
    expect(
      marksIn(cell)
        .map(({ words }) => words)
        .join(),
    ).toContain('too heavy');
  });

  it('lets a person stand between two rungs by their own lever setting', () => {
    const between = aParticipant({
      rungs: { 'press-up': 'press-counter' },
      levers: { 'press-up': { surfaceHeight: 60 } },
    });
    const cell = ready(between, everyProp(), 'press-up');
    expect(cell.version.levers.surfaceHeight).toBe(60);
    expect(cell.version.name).toContain('surface 60 cm');
    const outside = aParticipant({
      rungs: { 'press-up': 'press-counter' },
      levers: { 'press-up': { surfaceHeight: 900 } },
    });
    expect(ready(outside, everyProp(), 'press-up').version.levers.surfaceHeight).toBe(90);
  });

  it('begins a harder version with what strength has in it, never with more than the plan asks, and says so', () => {
    const known = (rungId: string, count: number) => ({
      knownSets: [{ exerciseId: 'press-up', rungId, reps: count, reserve: 2, date: '2026-10-01' }],
      rungs: { 'press-up': 'press-chair' },
    });
    const first = (person: Participant) => ready(person, everyProp(), 'press-up', reps(3, 10, 2));
    const amount = (person: Participant): number => first(person).work.amount;
    // Nothing known: as the plan says.
    expect(amount(aParticipant({ rungs: { 'press-up': 'press-chair' } }))).toBe(10);
    const fromTheCounter = aParticipant(known('press-counter', 12));
    expect(amount(fromTheCounter)).toBeLessThan(10);
    expect(amount(fromTheCounter)).toBeGreaterThanOrEqual(5);
    expect(traceText(first(fromTheCounter))).toContain('not 10');
    // By reckoning a chair is more than the counter has shown: it stands in the cell, and on the card.
    expect(marksIn(first(fromTheCounter)).map(({ words }) => words)).toContain(
      'a large step: few at first, stop where form goes',
    );
    // Whoever has done fewer has fewer in them, and whoever does many on the floor as many as are asked.
    const [few, some, many] = [4, 8, 20].map((count) => amount(aParticipant(known('press-floor', count))));
    expect(few).toBeLessThanOrEqual(some!);
    expect(many).toBe(10);
    expect(
      first(aParticipant(known('press-floor', 20))).trace.some(({ kind }) => kind === 'fewerByStrength'),
    ).toBeFalse();
  });

  it('steps down the ladder for a caution before it looks elsewhere', () => {
    const person = aParticipant({ cautions: [{ condition: 'lowBack' }] });
    const cell = ready(person, [...pairs(4, 6), ...everyProp()], 'row');
    expect(cell.version.rung?.id).toBe('row-supported');
    expect(cell.warnings.map(({ condition }) => condition)).toContain('lowBack');
  });

  it('holds effort down where a caution says so', () => {
    const person = aParticipant({ cautions: [{ condition: 'highBloodPressure' }], knownSets: [gobletSet] });
    const plain = ready(aParticipant({ knownSets: [gobletSet] }), pairs(14, 16, 18), 'squat', reps(3, 6, 0));
    const eased = ready(person, pairs(14, 16, 18), 'squat', reps(3, 6, 0));
    expect(eased.work.reserve).toBe(3);
    expect(eased.wantedKg!).toBeLessThan(plain.wantedKg!);
    const hold: Prescription = {
      sets: 3,
      work: { kind: 'hold', seconds: 45 },
      perSide: false,
      target: { kind: 'none' },
    };
    expect<number>(ready(person, everyProp(), 'brace', hold).work.amount).toBe(20);
  });

  it('does one-sided versions on each side, whatever the plan says', () => {
    const strong = aParticipant({ tier: 'advanced' });
    expect(ready(aParticipant(), [...pairs(8), ...everyProp()], 'row').work.perSide).toBeTrue();
    const bothArms: Prescription = { ...reps(3, 8), perSide: true };
    expect(ready(strong, [...pairs(8), ...everyProp()], 'row', bothArms).work.perSide).toBeFalse();
  });

  it('has no sides where what stands in for a one-sided exercise is done with both at once', () => {
    const plan = { ...reps(3, 10), perSide: true };
    const of = { kind: 'exercise', exerciseId: 'one-arm-row' } as const;
    const without = ready(aParticipant({ tier: 'beginner' }), everyProp(), of, plan);
    expect([without.version.exercise.laterality, without.work.perSide]).toEqual(['both', false]);
    const held = ready(aParticipant(), [...pairs(8, 10, 12), ...everyProp()], of, plan);
    expect([held.version.exercise.id, held.work.perSide]).toEqual(['one-arm-row', true]);
    // Whoever says it of an exercise for both means it.
    const both = ready(aParticipant(), everyProp(), { kind: 'exercise', exerciseId: 'free-squat' }, plan);
    expect(both.work.perSide).toBe(true);
  });

  it('leaves a class’s clock to run for both sides together', () => {
    const clock: Prescription = {
      ...reps(2, 1),
      work: { kind: 'most', seconds: 60 },
      target: { kind: 'none' },
    };
    const cell = ready(aParticipant(), [...pairs(4, 8), ...everyProp()], 'row', clock);
    expect(cell.work).toEqual(
      jasmine.objectContaining({ kind: 'time', amount: 60, perSide: false, reserve: 0 }),
    );
  });

  it('reads effort as what is left (Zourdos et al. 2016), shares of body mass, and the rung’s own gate', () => {
    const tested = aParticipant({ knownSets: [gobletSet], bodyMassKg: 80 });
    const squat = (target: Prescription['target']) =>
      ready(tested, pairs(4, 6, 8, 10, 12, 14, 16, 18, 20, 40), 'squat', { ...reps(3, 10), target });
    expect(squat({ kind: 'effort', effort: 8 }).wantedKg).toBe(squat({ kind: 'reserve', reps: 2 }).wantedKg);
    expect(squat({ kind: 'bodyMass', percent: 15 }).wantedKg).toBeCloseTo(12, 9);
    const gate = squat({ kind: 'rung' }).version.rung?.gate.reserve;
    expect(squat({ kind: 'rung' }).work.reserve).toBe(gate);
    expect(squat({ kind: 'none' }).work.reserve).toBe(2);
  });

  it('says each set where the plan lets sets differ', () => {
    const tested = aParticipant({ knownSets: [gobletSet] });
    const each = (setPattern: NonNullable<Prescription['setPattern']>, sets = 3) =>
      ready(tested, pairs(4, 6, 8, 10, 12, 14, 16), 'squat', { ...reps(sets, 10), setPattern });
    const rising = each({ kind: 'loadUp' });
    const loads = rising.eachSet?.map(({ kg }) => kg ?? 0) ?? [];
    expect(loads.at(-1)).toBe(rising.load?.kg ?? 0);
    expect([...loads].sort((a, b) => a - b)).toEqual(loads);
    expect(loads[0]).toBeLessThan(loads[2]!);
    const falling = each({ kind: 'loadDown' }).eachSet ?? [];
    expect(falling.at(-1)?.kg).toBeUndefined();
    const pyramid = each({ kind: 'pyramid' }, 5).eachSet?.map(({ kg }) => kg);
    expect(pyramid?.[0]).toBe(pyramid?.[4]);
    const tapering = each({ kind: 'repsDown', by: 2 });
    const { amount } = tapering.work;
    expect(tapering.eachSet?.map((set) => set.amount)).toEqual([amount, amount - 2, amount - 4]);
    expect(each({ kind: 'dropOnForm' }).eachSet).toBeUndefined();
  });

  it('says how long a card takes, by what each cell came to', () => {
    const slot = aSlot('squat', { ...reps(3, 10), tempo: { down: 2, pause: 0, up: 2 } });
    const cell = resolve(slot, aContext(aParticipant({ knownSets: [gobletSet] }), pairs(40)));
    const session: Session = {
      id: 's',
      name: 'S',
      budgetMinutes: 30,
      blocks: [{ id: 'b', kind: 'straight', restSeconds: 60, slots: [slot] }],
    };
    const card = () => timedCell(cell);
    const { totalSeconds } = sessionTimeline(session, { tier: 'intermediate', card }, catalog);
    const { sets, amount } = (cell as ReadyCell).work;
    expect(totalSeconds).toBe(sets * amount * 4 + (sets - 1) * 60);
    expect(timedCell({ ...cell, status: 'leftOut', because: { kind: 'notInLibrary' } })).toBeUndefined();
  });

  it('gives the plan’s twin to whoever may not jump', () => {
    const clock: Prescription = { ...reps(2, 1), work: { kind: 'time', seconds: 30 } };
    const slot = { ...aSlot('hops', clock), twin: { kind: 'exercise', exerciseId: 'easy-march' } as const };
    const sore = aParticipant({ cautions: [{ condition: 'soreKnee' }], tier: 'advanced' });
    const cell = resolve(slot, aContext(sore, everyProp()));
    expect(cell.status === 'ready' && cell.version.exercise.id).toBe('easy-march');
    expect(traceText(cell)).toContain('twin');
    const sound = resolve(slot, aContext(aParticipant({ tier: 'advanced' }), everyProp()));
    expect(sound.status === 'ready' && sound.version.ladderId).toBe('hops');
  });

  it('says what is missing and what would mend it when nothing fits', () => {
    const slot = { ...aSlot('squat'), source: { kind: 'ladder' as const, ladderId: 'gone' } };
    const cell = resolve(slot, aContext(aParticipant()));
    expect(cell.status).toBe('leftOut');
    if (cell.status === 'leftOut') {
      const { why, mend } = leftOutWords(cell.because);
      expect(why).toContain('not in the library');
      expect(mend.length).toBeGreaterThan(0);
    }
  });

  it('gives the same cell for the same input', () => {
    const context = aContext(aParticipant({ knownSets: [gobletSet] }), pairs(16, 18));
    expect(resolve(aSlot('squat'), context)).toEqual(resolve(aSlot('squat'), context));
  });

  describe('with the coach’s hand', () => {
    const override = (part: Partial<Override>): Override => ({
      id: 'o',
      participantId: 'someone',
      slotId: 'slot-squat',
      fromWeek: 1,
      reason: 'felt light on Friday',
      ...part,
    });
    const person = aParticipant({ knownSets: [gobletSet], cautions: [{ condition: 'soreKnee' }] });
    const byHand = (part: Partial<Override>, ladder = 'squat') => {
      const context = {
        ...aContext(person, [...pairs(16, 18, 24), ...everyProp()]),
        override: override(part),
      };
      const cell = resolve(aSlot(ladder), context);
      if (cell.status !== 'ready') throw new Error(leftOutWords(cell.because).why);
      return cell;
    };

    it('wins over load and work, with the recipe where the kit has one', () => {
      const cell = byHand({ loadKg: 24, amount: 5, sets: 5 });
      expect(loadWords(cell.load!)).toBe('dumbbell 24 kg');
      expect(cell.work).toEqual(jasmine.objectContaining({ sets: 5, amount: 5 }));
      expect(
        marksIn(cell).some(({ kind, words }) => kind === 'byHand' && words.includes('felt light')),
      ).toBeTrue();
    });

    it('says when the kit cannot make the load', () => {
      expect(loadWords(byHand({ loadKg: 21 }).load!)).toContain('not in the kit');
    });

    it('puts a number where as many as possible were asked, and what older versions expected of it does not', () => {
      const most = (work: Prescription['work'], part: Partial<Override>) =>
        resolve(aSlot('press-up', { ...reps(3, 10), work, target: { kind: 'none' } }), {
          ...aContext(aParticipant(), everyProp()),
          override: override({ slotId: 'slot-press-up', ...part }),
        });
      const planned = (cell: Cell) => (cell.status === 'ready' ? cell.planned.work : undefined);
      expect(planned(most({ kind: 'most' }, { amount: 12 }))).toEqual({ kind: 'reps', reps: 12 });
      expect(planned(most({ kind: 'most', seconds: 60 }, { amount: 40 }))).toEqual({
        kind: 'most',
        seconds: 40,
      });
      expect(planned(most({ kind: 'most' }, { sets: 2 }))).toEqual({ kind: 'most' });
      const decided = most({ kind: 'most' }, { amount: 15, reviewOfWeek: 1, decision: 'agreed' });
      expect(planned(decided)).toEqual({ kind: 'most' });
      const led = most({ kind: 'most' }, { amount: 6, reviewOfWeek: 1, decision: 'agreed' });
      expect(planned(led)).toEqual({ kind: 'reps', reps: 6 });
      expect(traceText(decided)).toContain('As many as possible, as planned.');
      expect(traceText(decided)).toContain('3 × max');
    });

    it('goes past a caution only by name', () => {
      const cell = byHand({ rungId: 'thrust-floor-jump' }, 'floor-thrust');
      expect(cell.version.rung?.id).toBe('thrust-floor-jump');
      expect(
        marksIn(cell).some(({ kind, words }) => kind === 'caution' && words.startsWith('despite')),
      ).toBeTrue();
    });
  });
});

describe('alternativesFor', () => {
  it('offers only what the person can do and may do', () => {
    const person = aParticipant({ cautions: [{ condition: 'soreKnee' }] });
    const things = [...pairs(8, 10, 12), ...everyProp()];
    const context = aContext(person, things);
    const cell = ready(person, things, 'floor-thrust');
    const offered = alternativesFor(cell, aSlot('floor-thrust'), context);
    expect(offered.length).toBeGreaterThan(0);
    for (const { version } of offered) expect(version.demands).not.toContain('jump');
    // A load to begin with is all that is held, and says how: one who holds two takes half of it in each hand.
    const starts = offered.flatMap(({ version, start }) => (start ? [{ version, start }] : []));
    expect(starts.length).toBeGreaterThan(0);
    for (const { version, start } of starts) expect(version.exercise.loading?.holds).toContain(start.hold);
    const scores = offered.map(({ score }) => score);
    expect(scores).toEqual([...scores].sort((a, b) => b - a));
  });

  it('counts attainable loads of the hold it chose', () => {
    const things = pairs(6, 8);
    const cell = ready(
      aParticipant({ knownSets: [{ ...gobletSet, exerciseId: 'pair-hinge' }] }),
      things,
      'hinge',
    );
    const kit = [{ id: 'k', name: 'k', unit: 'kg' as const, implements: things }];
    const loads = attainableLoads(kit, cell.load!.hold).map(({ kg }) => kg);
    expect(loads).toContain(cell.load!.kg);
  });
});
