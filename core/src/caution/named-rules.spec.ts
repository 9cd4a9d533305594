import { boatyardInWeekFive } from '@dray/demo/week-five';
import {
  aContext,
  aParticipant,
  aSlot,
  everyProp,
  pairs,
  reps,
  SUITCASE,
  TWO_BOTTLES,
} from '../../testing/people';
import { marksIn, ready } from '../../testing/reading';
import { asAsked, oneSlot, train } from '../../testing/weeks';
import { ownedFrom } from '../kit';
import { catalog } from '../library';
import type {
  Kit,
  Caution,
  Condition,
  DrayDocument,
  Implement,
  LogEntry,
  Participant,
  Prescription,
  Readiness,
  Slot,
  SurgeryPlace,
} from '../model';
import { createResolver, resolveBoard, resolveCard } from '../program';
import { USUAL_SCHEMES } from '../progress/scheme-words';
import { resolve, type Cell } from '../resolve';
import { reviewLog } from '../review';
import { applyCautions, cautionSubjects, isStopSign, type CautionSubject } from './index';

const ANSWERS: Readiness = {
  symptoms: false,
  knownDisease: false,
  active: true,
  vigorous: false,
  cleared: false,
  date: '2026-11-24',
};
const HALL: Implement[] = [
  ...pairs(1, 2, 4, 6, 8, 10, 12.5, 16),
  ...everyProp(),
  { kind: 'prop', id: 'o', prop: 'overheadBar' },
];

const person = (...cautions: Caution[]) => aParticipant({ tier: 'intermediate', cautions });
const has = (condition: Condition) => person({ condition });
const cellOf = (participant: Participant, ladderId: string, plan: Prescription = reps(3, 10)): Cell =>
  resolve(aSlot(ladderId, plan), aContext(participant, HALL));
const cellIn = (participant: Participant, exerciseId: string, plan: Prescription = reps(3, 10)): Cell => {
  const slot: Slot = { ...aSlot('squat', plan), source: { kind: 'exercise', exerciseId } };
  return resolve(slot, aContext(participant, HALL));
};
const verdict = (versionId: string, ...subjects: CautionSubject[]) => {
  const onRung = catalog.versionByRung.get(versionId);
  const version = onRung ?? catalog.versions.find(({ exercise }) => exercise.id === versionId)!;
  return applyCautions(version, subjects, catalog);
};
const timed = (seconds: number): Prescription => ({ ...reps(3, 1), work: { kind: 'time', seconds } });

/** Everything of a cell that is a number of work. */
function numbersOf(cell: Cell): unknown[] {
  return cell.status === 'ready' ? [cell.work, cell.load] : [];
}

describe('1. signs to stop everything', () => {
  const entry = boatyardInWeekFive.log.find(
    ({ participantId, week }) => participantId === 'juno' && week === 3,
  )!;
  const hurting = (place: string, score = 2): DrayDocument => ({
    ...boatyardInWeekFive,
    log: boatyardInWeekFive.log.map((own) => (own === entry ? { ...own, pain: { place, score } } : own)),
  });
  const cellsIn = (document: DrayDocument, week: number, sessionId = entry.sessionId) =>
    resolveCard(document, { participantId: 'juno', sessionId, week }).cells;

  it('are pain in chest, jaw or arm, between the shoulder blades, and breath that does not come back', () => {
    for (const place of [
      'chest',
      'left arm',
      'jaw',
      'between the shoulder blades',
      'breath does not come back',
      'dizziness',
      'head, dizzy',
      'light-headed',
    ]) {
      expect(isStopSign(place)).withContext(place).toBeTrue();
    }
    for (const place of ['knee', 'forearm', 'left shoulder', 'low back', 'armpit']) {
      expect(isStopSign(place)).withContext(place).toBeFalse();
    }
  });

  it('stop every cell of every card from then on, however little it hurt, with no number and no substitute', () => {
    for (const place of ['chest', 'left arm', 'jaw', 'between the shoulder blades']) {
      const document = hurting(place);
      for (const sessionId of document.sessions.map(({ id }) => id)) {
        const cells = cellsIn(document, 4, sessionId);
        expect(cells.flatMap(numbersOf)).withContext(`${place}, ${sessionId}`).toEqual([]);
        for (const cell of cells) expect(cell.status === 'leftOut' && cell.because.kind).toBe('stopSign');
      }
    }
    expect(cellsIn(boatyardInWeekFive, 4).flatMap(numbersOf).length).toBeGreaterThan(0);
  });

  it('leave no number on the card of that very class either', () => {
    expect(cellsIn(hurting('chest'), 3).flatMap(numbersOf)).toEqual([]);
  });

  it('stop nobody else, and nothing before', () => {
    const document = hurting('chest');
    expect(cellsIn(document, 2)).toEqual(cellsIn(boatyardInWeekFive, 2));
    const others = (of: DrayDocument) =>
      createResolver()
        .board(of, { sessionId: entry.sessionId, week: 4 })
        .rows.filter(({ participant }) => participant.id !== 'juno')
        .map(({ cells }) => cells);
    expect(others(document)).toEqual(others(boatyardInWeekFive));
  });

  it('offer nothing instead in the review', () => {
    const proposals = reviewLog(hurting('chest'), 'juno', { sessionId: entry.sessionId, week: 3 });
    expect(proposals.map(({ kind, pin, otherWay }) => [kind, pin, otherWay])).toEqual([
      ['hurt', { leaveOut: true }, undefined],
    ]);
  });

  it('are over when a clinician’s word is noted on that day or later, and not by an older one', () => {
    const cleared = (date: string): DrayDocument => ({
      ...hurting('chest'),
      participants: boatyardInWeekFive.participants.map((own) =>
        own.id === 'juno' ? { ...own, readiness: { ...ANSWERS, symptoms: true, cleared: true, date } } : own,
      ),
    });
    expect(cellsIn(cleared('2020-01-01'), 4).flatMap(numbersOf)).toEqual([]);
    expect(cellsIn(cleared(entry.date), 4).flatMap(numbersOf).length).toBeGreaterThan(0);
  });

  it('and a slot that is stopped for another pain has no numbers either', () => {
    const document = oneSlot(
      'squat',
      reps(3, 10),
      USUAL_SCHEMES.repsThenLoad,
      aParticipant({ tier: 'beginner' }),
      HALL,
    );
    const { cells } = train(document, 3, (cell, set) => ({
      ...asAsked(cell, set),
      ...(cell.week === 1 && { pain: { place: 'knee', score: 6 } }),
    }));
    expect(cells.slice(1).flatMap(numbersOf)).toEqual([]);
    expect(marksIn(cells[1]).map(({ words }) => words)).toEqual(['stopped: knee hurt, 6 of 10']);
  });
});

describe('2. answers and pressure', () => {
  const answering = (part: Partial<Readiness>, ...cautions: Caution[]) =>
    aParticipant({ cautions, readiness: { ...ANSWERS, ...part } });

  it('symptoms block all work until cleared, loosening up too, and “cleared” clears', () => {
    for (const source of ['goblet-squat', 'one-leg-stand', 'easy-march']) {
      expect(cellIn(answering({ symptoms: true }), source).status).toBe('leftOut');
      expect(cellIn(answering({ symptoms: true, cleared: true }), source).status).toBe('ready');
    }
  });

  it('no hand of the coach sets that aside', () => {
    const start = oneSlot(
      'squat',
      reps(3, 10),
      USUAL_SCHEMES.repsThenLoad,
      answering({ symptoms: true }),
      HALL,
    );
    const byHand: DrayDocument = {
      ...start,
      overrides: [
        {
          id: 'o',
          participantId: 'someone',
          slotId: 'slot-squat',
          fromWeek: 1,
          rungId: 'squat-free',
          amount: 20,
          reason: 'feels fine',
        },
      ],
    };
    const [row] = resolveBoard(byHand, { sessionId: 's', week: 1 }).rows;
    expect(row!.cells.flatMap(numbersOf)).toEqual([]);
  });

  it('from 160/100 nothing strenuous without a clinician’s word; from 180/110 nothing', () => {
    // Source: AHA scientific statement, Williams et al. 2007 (from memory): relative limit 160/100, absolute 180/110.
    const at = (systolic: number, diastolic: number): Caution => ({
      condition: 'highBloodPressure',
      systolic,
      diastolic,
    });
    for (const pressure of [at(160, 85), at(150, 100)]) {
      const cell = cellOf(person(pressure), 'squat');
      expect(cell.status === 'ready' && cell.load).toBeFalsy();
      const held = cellIn(person(pressure), 'wall-sit', timed(30));
      expect(held.status === 'ready' && held.version.demands).not.toContain('longStrain');
      const cleared = answering({ cleared: true }, pressure);
      expect(ready(cellOf(cleared, 'squat')).load).toBeDefined();
    }
    for (const pressure of [at(180, 85), at(150, 110)]) {
      expect(cellOf(answering({ cleared: true }, pressure), 'squat').status).toBe('leftOut');
    }
    expect(ready(cellOf(person(at(159, 99)), 'squat')).load).toBeDefined();
  });

  it('a heart condition that nobody asked about waits for the clinician', () => {
    expect(cautionSubjects(has('heartCondition'))).toContain('clinicianFirst');
    expect(cautionSubjects(answering({}, { condition: 'heartCondition' }))).not.toContain('clinicianFirst');
    expect(ready(cellOf(has('heartCondition'), 'squat')).work.reserve).toBe(5);
  });
});

describe('3. heart, pressure, late pregnancy, surgery: work for the heart and overhead', () => {
  const tested: Caution = { condition: 'highBloodPressure', systolic: 140, diastolic: 88 };

  it('no floor thrusts for them, jumping or stepping; a mild march is allowed, with a talk test', () => {
    for (const subject of [
      'highBloodPressure',
      'heartCondition',
      'pregnancyLate',
      'recentSurgery',
    ] as const) {
      for (const rung of ['thrust-floor-step', 'thrust-floor-jump', 'thrust-chair-jump']) {
        const answer = verdict(rung, subject);
        // Where the hands may be raised out of it, they are.
        const raised = answer.kind === 'allowed' ? answer.version.levers.surfaceHeight : undefined;
        expect(answer.kind === 'blocked' || raised === 90)
          .withContext(`${subject}, ${rung}`)
          .toBeTrue();
      }
      const march = verdict('seated-march-arms', subject);
      expect(march.kind === 'allowed' && march.rules.map(({ mark }) => mark))
        .withContext(subject)
        .toContain('talk test');
    }
  });

  it('the harbour pilot of the demo, whose pressure is high, gets no jumping thrusts', () => {
    const board = resolveBoard(boatyardInWeekFive, { sessionId: 'tuesday', week: 1 });
    const anselm = board.rows.find(({ participant }) => participant.id === 'anselm')!;
    const names = anselm.cells.flatMap((cell) => (cell.status === 'ready' ? [cell.version.exercise.id] : []));
    expect(names).not.toContain('jump-back-thrust');
    expect(names.length).toBeGreaterThan(5);
  });

  it('arms overhead with nothing in them are not blocked', () => {
    for (const id of ['wall-slide-press', 'side-stretch', 'wall-angel']) {
      expect(verdict(id, 'highBloodPressure', 'pressureUnknown').kind)
        .withContext(id)
        .toBe('allowed');
    }
  });

  it('a load overhead is replaced while the pressure is unknown or from 160/100, and eased when it is known', () => {
    expect(ready(cellOf(has('highBloodPressure'), 'overhead-press')).version.demandsLoaded).not.toContain(
      'overheadLoad',
    );
    const eased = ready(cellOf(person(tested), 'overhead-press'));
    expect(eased.version.demandsLoaded).toContain('overheadLoad');
    expect(eased.work.reserve).toBe(4);
    expect(marksIn(eased).map(({ words }) => words)).toContain('overhead: light, breathe');
    const high = aParticipant({
      readiness: { ...ANSWERS, cleared: true },
      cautions: [{ ...tested, systolic: 165 }],
    });
    expect(ready(cellOf(high, 'overhead-press')).version.demandsLoaded).not.toContain('overheadLoad');
  });

  it('the careful school leaves it out whatever the pressure', () => {
    const never = person({ ...tested, overhead: 'never' });
    expect(ready(cellOf(never, 'overhead-press')).version.demandsLoaded).not.toContain('overheadLoad');
  });
});

describe('4. risk of falls', () => {
  it('stands, walks and steps on a small base are done holding on', () => {
    for (const id of [
      'heel-free',
      'stand-heel-toe',
      'stand-one',
      'move-walk',
      'move-turn',
      'toe-walk',
      'one-leg-step-up',
    ]) {
      const answer = verdict(id, 'fallRisk');
      expect(answer.kind === 'allowed' && answer.version.holdingOn)
        .withContext(id)
        .toBeTrue();
      expect(answer.kind === 'allowed' && answer.version.needs.flat()).toContain('counter');
    }
  });

  it('are replaced where nobody can hold on, or has nothing to hold on to', () => {
    expect(verdict('lunge-walking', 'fallRisk').kind).toBe('blocked');
    const bare = resolve(aSlot('heel-raise'), aContext(has('fallRisk'), pairs(4)));
    expect(bare.status === 'ready' && bare.version.demands.includes('unsteady')).toBeFalse();
  });

  it('have a load only where one hand stays free, none on a step, and nothing on a chair that is stepped on', () => {
    const calf = verdict('heel-free', 'fallRisk');
    expect(calf.kind === 'allowed' && calf.holds).toEqual(['vest']);
    const step = verdict('one-leg-step-up', 'fallRisk');
    expect(step.kind === 'allowed' && step.bodyWeightOnly).toBeTrue();
    expect(verdict('high-step-up', 'fallRisk').kind).toBe('blocked');
  });
});

describe('5. late pregnancy and surgery', () => {
  it('nothing flat on back or front, no weight on the belly, no falling forward, no planks that press', () => {
    for (const id of [
      'thrust-bridge',
      'raise-t',
      'thrust-loaded',
      'curl-lowering-half',
      'brace-knees',
      'hang-knees',
    ]) {
      expect(verdict(id, 'pregnancyLate').kind).withContext(id).toBe('blocked');
    }
    const toes = verdict('heel-free', 'pregnancyLate');
    expect(toes.kind === 'allowed' && toes.version.holdingOn).toBeTrue();
    const raised = verdict('press-floor', 'pregnancyLate');
    expect(raised.kind === 'allowed' && raised.version.rung?.id).toBe('press-counter');
  });

  it('surgery nobody has placed asks where, and a clinician comes first', () => {
    const cell = cellOf(has('recentSurgery'), 'squat');
    expect(numbersOf(cell)).toEqual([]);
    expect(cell.warnings.map(({ words }) => words).join()).toContain(
      'where the surgery was: a clinician first',
    );
  });

  it('then nothing that loads that place', () => {
    const blocked = (place: SurgeryPlace, ...ids: string[]) => {
      for (const id of ids) {
        expect(verdict(id, 'recentSurgery', `surgery:${place}`).kind)
          .withContext(`${place}, ${id}`)
          .toBe('blocked');
      }
    };
    blocked(
      'abdomen',
      'brace-floor',
      'brace-counter',
      'dip-bent',
      'raise-t',
      'thrust-loaded',
      'curl-up-short',
    );
    blocked('chest', 'press-floor', 'dip-bent', 'pull-free', 'overhead-standing', 'curl-free');
    blocked('shoulderOrArm', 'press-counter', 'curl-free', 'row-one-arm', 'overhead-wall');
    blocked('back', 'hinge-pair', 'curl-up-cross', 'squat-bar', 'overhead-standing');
    blocked('hip', 'curtsy-full', 'side-lunge-full', 'one-leg-free', 'seat-stretch');
    blocked('knee', 'one-leg-free', 'brace-knees', 'high-step-up');
    blocked('footOrAnkle', 'one-leg-free', 'calf-stretch', 'stand-blind');
    const raised = verdict('press-floor', 'recentSurgery', 'surgery:abdomen');
    expect(raised.kind === 'allowed' && raised.version.levers.surfaceHeight).toBe(90);
  });
});

describe('6. low bone density', () => {
  it('rounding and twisting are blocked; a hinge with a straight back is taught and kept', () => {
    // Source: Watson et al. 2018 (LIFTMOR); Giangregorio et al. 2014 (both from memory).
    for (const id of ['curl-up-short', 'curl-up-cross', 'sit-back']) {
      expect(verdict(id, 'lowBoneDensity').kind).withContext(id).toBe('blocked');
    }
    for (const id of ['hinge-pair', 'row-one-arm', 'squat-goblet']) {
      expect(verdict(id, 'lowBoneDensity').kind).withContext(id).toBe('allowed');
    }
    const hinge = verdict('hinge-pair', 'lowBoneDensity');
    expect(
      hinge.kind === 'allowed' && hinge.rules.map(({ words, source }) => `${words} ${source}`).join(),
    ).toMatch(/straight back, taught first.*LIFTMOR.*Giangregorio/);
  });
});

describe('7. pelvic floor, hip, knee, neck and shoulder', () => {
  it('pelvic floor: no heel drops, hops or bearing down, and twins agree', () => {
    for (const id of ['hop-drop', 'hop-small', 'overhead-push', 'lower-tap', 'heel-taps']) {
      const answer = verdict(id, 'pelvicFloor');
      expect(answer.kind).withContext(id).toBe('blocked');
    }
    expect(verdict('heel-taps', 'pelvicFloor').kind).toBe(verdict('lower-tap', 'pelvicFloor').kind);
  });

  it('hip: no deep bend, no crossing of the middle', () => {
    const squat = verdict('squat-goblet', 'hip');
    expect(squat.kind === 'allowed' && squat.version.levers.range).toBe(60);
    for (const id of ['curtsy-tap', 'close-standing', 'seat-stretch']) {
      expect(verdict(id, 'hip').kind).withContext(id).toBe('blocked');
    }
  });

  it('knee: no chair to step on, wall sits and squats by depth', () => {
    expect(verdict('high-step-up', 'soreKnee').kind).toBe('blocked');
    for (const id of ['wall-sit', 'squat-free', 'band-squat']) {
      const answer = verdict(id, 'soreKnee');
      expect(answer.kind === 'allowed' && answer.version.levers.range)
        .withContext(id)
        .toBe(60);
    }
  });

  it('neck and shoulder: no bar on the shoulders; no front raises as the way out of lateral raises', () => {
    for (const condition of ['neck', 'shoulder'] as const) {
      expect(verdict('squat-bar', condition).kind).withContext(condition).toBe('blocked');
    }
    const instead = cellOf(has('shoulder'), 'lateral-raise');
    expect(instead.status === 'ready' ? instead.version.demandsLoaded : []).not.toContain('longArms');
    expect(verdict('front-both', 'shoulder').kind).toBe('blocked');
  });
});

describe('8. household loads', () => {
  const strong = aParticipant({
    tier: 'advanced',
    bodyMassKg: 90,
    knownSets: [
      { exerciseId: 'standing-press', loadKg: 40, reps: 8, reserve: 2, date: '2026-11-01' },
      { exerciseId: 'floor-press', loadKg: 60, reps: 8, reserve: 2, date: '2026-11-01' },
    ],
  });
  const over = ['standing-press', 'floor-press', 'lying-elbow-extension', 'overhead-elbow-extension'];

  it('nothing with a zip goes overhead, over the face or behind the head', () => {
    for (const exerciseId of over) {
      const slot: Slot = { ...aSlot('squat'), source: { kind: 'exercise', exerciseId } };
      const cell = resolve(slot, aContext(strong, [SUITCASE, ...everyProp()]));
      const goesOver =
        cell.status === 'ready' &&
        cell.load &&
        [...cell.version.demandsLoaded].some((demand) => demand === 'overFace' || demand === 'overheadLoad');
      expect(goesOver).withContext(exerciseId).toBeFalsy();
    }
    const rowing = ready(resolve(aSlot('row'), aContext(strong, [SUITCASE, ...everyProp()])));
    expect(rowing.load?.recipe?.part.kind).toBe('bag');
  });

  it('of bottles only full ones, so that nothing sloshes', () => {
    const slot: Slot = { ...aSlot('squat'), source: { kind: 'exercise', exerciseId: 'standing-press' } };
    const beginner = aParticipant({ tier: 'beginner', bodyMassKg: 60, sex: 'female' });
    const cell = ready(resolve(slot, aContext(beginner, [TWO_BOTTLES])));
    const part = cell.load?.recipe?.part;
    expect(part?.kind === 'fillable' && part.litres).toBe(2);
  });

  it('a handle has its limit, and it is said', () => {
    const jug: Implement = {
      ...TWO_BOTTLES,
      id: 'j',
      name: 'jug',
      capacityLitres: 5,
      densityKgPerLitre: 1.6,
      count: 1,
    };
    const context = aContext(strong, [jug]);
    const heaviest = context.owned.loads('oneSide').at(-1)!;
    // Made to carry five litres of water, not of sand (common practice, no published source).
    expect(heaviest.kg).toBeLessThanOrEqual(0.05 + 5);
    const cell = ready(resolve(aSlot('row'), aContext(strong, [jug, ...everyProp()])));
    expect(JSON.stringify(cell.load?.recipe)).toContain('"trustedKg":5.05');
  });
});

describe('9. a load that only adds to the body', () => {
  const vest: Implement = { kind: 'vest', id: 'v', emptyKg: 1, insertKg: 1, inserts: 10 };

  it('a woman of 84 and 48 kg gets no vest for pull-ups', () => {
    const woman = aParticipant({
      tier: 'beginner',
      bodyMassKg: 48,
      birthYear: 1942,
      sex: 'female',
      rungs: { 'pull-up': 'pull-free', row: 'row-pair' },
    });
    const cell = resolve(aSlot('pull-up'), aContext(woman, [...HALL, vest]));
    expect(cell.status === 'ready' ? cell.load : undefined).toBeUndefined();
  });

  it('a man of 160 kg lunges with his body, and no more', () => {
    const man = aParticipant({
      tier: 'intermediate',
      bodyMassKg: 160,
      sex: 'male',
      rungs: { lunge: 'lunge-split' },
    });
    const cell = ready(resolve(aSlot('lunge'), aContext(man, [...HALL, vest])));
    expect(cell.load).toBeUndefined();
  });

  it('who does pull-ups with a vest is asked for what is worth it, body counted', () => {
    const strong = aParticipant({
      tier: 'advanced',
      bodyMassKg: 75,
      rungs: { 'pull-up': 'pull-free', row: 'row-pair' },
      knownSets: [{ exerciseId: 'pull-up', loadKg: 8, reps: 6, reserve: 1, date: '2026-11-01' }],
    });
    const asked = (count: number) =>
      ready(resolve(aSlot('pull-up', reps(3, count, 1)), aContext(strong, [...HALL, vest])));
    // Six with eight kilograms and one left are about six with eight kilograms and one left.
    expect(asked(6).load!.kg).toBeGreaterThan(5);
    expect(asked(6).load!.kg).toBeLessThanOrEqual(8.5);
    // Epley on 75 × 0.96 + 8 kg: ten with one left is no more than the body (worked by hand: 80 × (1 + 7/30) / (1 + 11/30) = 72.2).
    expect(asked(10).load?.kg ?? 0).toBeLessThanOrEqual(1);
  });

  it('nobody is given an exercise above their tier, and every one off a ladder has one', () => {
    const onLadder = new Set(
      [...catalog.ladders.values()].flatMap(({ rungs }) => rungs.map((own) => own.exerciseId)),
    );
    for (const { id, tier, pattern } of catalog.exercises.values()) {
      if (!onLadder.has(id) && pattern !== 'mobility') expect(tier).withContext(id).toBeDefined();
    }
    const old = aParticipant({ tier: 'beginner', birthYear: 1942, bodyMassKg: 48 });
    const cell = cellIn(old, 'raised-split-squat');
    expect(cell.status === 'ready' && cell.version.exercise.id).not.toBe('raised-split-squat');
    expect(
      marksIn(cell)
        .map(({ words }) => words)
        .join(),
    ).toContain('too hard yet');
  });
});

describe('10. ratios', () => {
  const ratio = (id: string) => catalog.exercises.get(id)!.loading!.ratio;

  it('a leg is four to five times as strong as it was said to be against an arm raised to the side', () => {
    // Common practice, no published source: from 0.6 and 0.5 of a lateral raise.
    for (const [id, before] of [
      ['standing-leg-curl', 0.6],
      ['side-lying-leg-raise', 0.5],
      ['standing-hip-opening', 0.5],
      ['inner-leg-raise', 0.4],
    ] as const) {
      expect(ratio(id) / before)
        .withContext(id)
        .toBeGreaterThanOrEqual(4);
      expect(ratio(id) / before)
        .withContext(id)
        .toBeLessThanOrEqual(5);
    }
  });

  it('two at the shoulders come to 0.6 to 0.75 of the bar', () => {
    const share = ratio('shoulder-pair-squat') / ratio('bar-squat');
    expect(share).toBeGreaterThanOrEqual(0.6);
    expect(share).toBeLessThanOrEqual(0.75);
  });
});

describe('limits of effort', () => {
  const pressed = person({ condition: 'highBloodPressure', systolic: 140, diastolic: 88 });

  it('reach clocked strain: a wall sit of 45 s written as a time is 20 s', () => {
    const cell = ready(cellIn(pressed, 'wall-sit', timed(45)));
    expect(cell.work).toEqual(jasmine.objectContaining({ kind: 'time', amount: 20 }));
  });

  it('reach holds of any exercise, planks, hangs and carries', () => {
    const hold: Prescription = { ...reps(3, 1), work: { kind: 'hold', seconds: 60 } };
    for (const id of ['goblet-squat', 'plank', 'dead-hang', 'suitcase-hold', 'knee-squeeze']) {
      expect(ready(cellIn(pressed, id, hold)).work.amount)
        .withContext(id)
        .toBe(20 as never);
    }
  });

  it('reach work without a load: three left, and a number in the place of as many as possible', () => {
    const most: Prescription = { ...reps(3, 1), work: { kind: 'most' }, target: { kind: 'none' } };
    const cell = ready(cellOf(pressed, 'press-up', most));
    expect(cell.work).toEqual(jasmine.objectContaining({ kind: 'reps', amount: 10, reserve: 3 }));
    expect(cell.planned.work).toEqual({ kind: 'reps', reps: 10 });
    expect(marksIn(cell).map(({ words }) => words)).toContain('not to the end: 3 left');
    expect(ready(cellOf(aParticipant(), 'press-up', most)).planned.work.kind).toBe('most');
  });

  it('are not passed by the coach’s hand in seconds', () => {
    const start = oneSlot('brace', reps(3, 1), USUAL_SCHEMES.timeFirst, pressed, HALL);
    const hold: Prescription = { ...reps(3, 1), work: { kind: 'hold', seconds: 15 } };
    const document: DrayDocument = {
      ...oneSlot('brace', hold, USUAL_SCHEMES.timeFirst, pressed, HALL),
      overrides: [
        {
          id: 'o',
          participantId: 'someone',
          slotId: 'slot-brace',
          fromWeek: 1,
          amount: 90,
          reason: 'can do it',
        },
      ],
    };
    expect(start.kits.length).toBe(1);
    const cell = ready(resolveBoard(document, { sessionId: 's', week: 1 }).rows[0]!.cells[0]);
    expect(cell.work.amount).toBe(20 as never);
  });
});

describe('marks', () => {
  it('say only the strictest of several limits of effort', () => {
    const cell = ready(cellOf(person({ condition: 'pregnancyLate' }, { condition: 'pelvicFloor' }), 'squat'));
    const left = marksIn(cell).filter(({ words }) => / left|breathe out first/.test(words));
    expect(left.map(({ words }) => words)).toEqual(['breathe, 4 left']);
    expect(cell.work.reserve).toBe(4);
  });
});

describe('what levers and holds change', () => {
  it('a surface half-way down asks for the wrists again', () => {
    const between = aParticipant({
      rungs: { 'press-up': 'press-counter' },
      levers: { 'press-up': { surfaceHeight: 60 } },
      cautions: [{ condition: 'pregnancyLate' }],
    });
    expect(ready(resolve(aSlot('press-up'), aContext(between, HALL))).version.levers.surfaceHeight).toBe(90);
  });

  it('a step of 20 cm is no seat, one of 45 cm is', () => {
    const step = (heightCm?: number): Implement => ({
      kind: 'prop',
      id: 's',
      prop: 'step',
      ...(heightCm && { heightCm }),
    });
    const squat = (thing: Implement) =>
      resolve(
        aSlot('squat'),
        aContext(aParticipant({ tier: 'beginner', rungs: { squat: 'squat-seat' } }), [thing]),
      );
    expect(
      squat(step()).status === 'ready' && (squat(step()) as { version?: { name: string } }).version?.name,
    ).not.toBe('to a seat');
    expect(ready(squat(step(45))).version.name).toBe('to a seat');
  });

  it('a lower rung has to be possible with the kit too', () => {
    const shoulder = has('shoulder');
    const beach: Kit = { id: 'beach', name: 'Beach', unit: 'kg', implements: [], withoutWall: true };
    const cell = resolve(aSlot('press-up'), { ...aContext(shoulder), owned: ownedFrom([beach]) });
    // Nothing to put the hands on: not the counter, but what can be done.
    expect(cell.status === 'ready' && cell.version.needs.length).toBe(0);
  });
});

describe('what was said of a step left behind', () => {
  it('does not stay: without a band the hinge gives way to a bridge, and its words with it', () => {
    const cell = ready(cellIn(has('lowBoneDensity'), 'band-pull-through'));
    expect(cell.version.exercise.id).not.toBe('band-pull-through');
    const said = [...cell.warnings.map(({ mark }) => mark), ...marksIn(cell).map(({ words }) => words)];
    if (!cell.version.demandsLoaded.includes('loadedHinge')) expect(said.join()).not.toContain('hinge');
    expect(said.join()).toContain('instead: nothing to hold');
  });
});

describe('a log entry for a stop sign', () => {
  it('needs a score above nothing', () => {
    const none = { pain: { place: 'chest', score: 0 } } as Pick<LogEntry, 'pain'>;
    const document: DrayDocument = {
      ...boatyardInWeekFive,
      log: boatyardInWeekFive.log.map((own) =>
        own.participantId === 'juno' && own.week === 3 ? { ...own, ...none } : own,
      ),
    };
    const cells = resolveCard(document, { participantId: 'juno', sessionId: 'tuesday', week: 4 }).cells;
    expect(cells.some(({ status }) => status === 'ready')).toBeTrue();
  });
});
