import {
  baseOf,
  centreWith,
  contactShares,
  limitsOf,
  placedKeys,
  spotOf,
  staticsFor,
  touchesOf,
  type Body,
  type Placed,
  type Spot,
} from '../body';
import { holdingOn } from '../ladder';
import { catalog, LIBRARY_EXERCISES, LIBRARY_LADDERS } from '../library';
import { LIBRARY_WORDS } from '../library/words';
import type { BodyLoad, CombinedExercise, Exercise, Hold, LeverSettings } from '../model';
import { REFERENCE_BODY_SHARE } from '../strength';
import {
  boundsOf,
  climbOf,
  difficultyOf,
  drawingOf,
  asHardAs,
  figureOf,
  figuresOf,
  hasFigure,
  framesOf,
  HARDER_BY,
  isUnexplained,
  mistakeOf,
  MISTAKES,
  repsAfter,
  strainOf,
  rungBetween,
  worthOf,
  type Figure,
  type HeldLoad,
} from './index';

const STATURES = [150, 170, 195];

/** Every version worth drawing: each hold, and each lever at both its ends. */
const VERSIONS = LIBRARY_EXERCISES.flatMap((exercise) => {
  const holds: readonly (Hold | undefined)[] = [undefined, ...(exercise.loading?.holds ?? [])];
  const levers: readonly LeverSettings[] = [
    {},
    ...exercise.levers.flatMap(({ lever, from, to }) => [{ [lever]: from }, { [lever]: to }]),
  ];
  return [
    ...holds.map((hold) => ({ exercise, hold, levers: {} })),
    ...levers.map((settings) => ({ exercise, hold: undefined, levers: settings })),
  ];
});

const SPOTS: readonly Spot[] = [
  'hips',
  'head',
  ...(['near', 'far'] as const).flatMap((side): readonly Spot[] => [
    [side, 'knee'],
    [side, 'elbow'],
    [side, 'wrist'],
    [side, 'heel'],
    [side, 'ball'],
  ]),
];

/** What is wrong with a pose, in words; nothing where it can be taken. */
function faultsIn(placed: Placed, figure: Figure, balanced: boolean): readonly string[] {
  const { view, numbers, skeleton, stance, miss } = placed;
  const { least, most } = limitsOf(view);
  const faults: string[] = [];
  numbers.forEach((value, at) => {
    if (value < (least[at] ?? 0) - 0.01 || value > (most[at] ?? 0) + 0.01)
      faults.push(`joint ${at} at ${value.toFixed(0)}°`);
  });
  if (figure.above) return faults;
  // A centimetre and a half at 170: less than the width of a line.
  if (miss > 0.009) faults.push(`floats or sinks by ${(miss * 170).toFixed(1)} cm`);
  for (const spot of SPOTS) {
    const { y } = spotOf(skeleton, spot);
    if (y < -0.012) faults.push(`${String(spot)} ${(-y * 170).toFixed(1)} cm in the floor`);
  }
  const base = balanced ? baseOf(stance.rests, skeleton) : undefined;
  if (base) {
    const { x } = centreWith(skeleton, stance.carried);
    if (x < base[0] - 0.004 || x > base[1] + 0.004) faults.push('falls over');
  }
  return faults;
}

describe('figures', () => {
  it('show every exercise of the library in at least two poses', () => {
    for (const exercise of LIBRARY_EXERCISES) {
      const { move } = figureOf(exercise, { levers: {}, statureCm: 170 });
      expect(move.keys.length).withContext(exercise.id).toBeGreaterThan(1);
    }
    expect(
      new Set(LIBRARY_EXERCISES.map((exercise) => figureOf(exercise, { levers: {}, statureCm: 170 }))).size,
    ).toBe(LIBRARY_EXERCISES.length);
  });

  for (const statureCm of STATURES) {
    it(`can all be taken at ${statureCm} cm: no joint too far, nothing in the floor, nobody falls`, () => {
      const faults = VERSIONS.flatMap(({ exercise, hold, levers }) => {
        const figure = figureOf(exercise, { levers, hold, statureCm });
        return placedKeys(figure.move, statureCm).flatMap((placed, at) =>
          faultsIn(placed, figure, figure.move.keys[at]?.balanced ?? false).map(
            (fault) => `${exercise.id} ${hold ?? ''}${JSON.stringify(levers)}, pose ${at + 1}: ${fault}`,
          ),
        );
      });
      expect(faults).toEqual([]);
    });
  }

  it('have the far hand on something that stands, all the way, for whoever has to hold on; or are not drawn', () => {
    const unsteady = catalog.versions.filter(
      (version) => version.demands.includes('unsteady') && holdingOn(version),
    );
    const drawn = new Set<string>();
    const faults = STATURES.flatMap((statureCm) =>
      unsteady.flatMap(({ exercise, levers }) =>
        figuresOf(exercise, { levers, statureCm, holdingOn: true }).flatMap((figure) => {
          drawn.add(exercise.id);
          return placedKeys(figure.move, statureCm).flatMap((placed, at) => {
            const { skeleton, stance } = placed;
            const post = stance.rests.find(({ on, side }) => on.kind === 'post' && side === 'far');
            const away = post ? Math.abs(skeleton.far.grip.x - (post.on.share ?? 0)) : 0;
            return [
              ...faultsIn(placed, figure, figure.move.keys[at]?.balanced ?? false),
              ...(away > 0.009 ? ['its hand is off the post'] : []),
            ].map((fault) => `${exercise.id} at ${statureCm} cm, pose ${at + 1}: ${fault}`);
          });
        }),
      ),
    );
    expect(faults).toEqual([]);
    // These go further from their post than an arm is long, or it would pull them out of place.
    const left = new Set(unsteady.map(({ exercise }) => exercise.id).filter((id) => !drawn.has(id)));
    expect([...left].sort()).toEqual([
      'blind-one-leg-stand',
      'side-step-up',
      'skater-reach',
      'skater-step',
      'staggered-squat',
    ]);
    const raise = catalog.exercises.get('heel-raise');
    const drawnWith = (hold: Hold) =>
      raise && figuresOf(raise, { levers: {}, statureCm: 170, holdingOn: true, hold }).length;
    expect(drawnWith('none')).toBe(1);
    expect(drawnWith('oneSide')).toBe(1);
    // The hand that holds on is never drawn with a load in it.
    for (const hold of ['pair', 'bothHands', 'bar', 'bag'] as const)
      expect(drawnWith(hold)).withContext(hold).toBe(0);
  });

  it('mark the joint that is asked most where it is, in the pose in which it is', () => {
    for (const id of ['free-squat', 'press-up', 'curl', 'plank', 'floor-bridge']) {
      const exercise = catalog.exercises.get(id);
      if (!exercise) throw new Error(id);
      const worst = difficultyOf(figureOf(exercise, { levers: {}, statureCm: 170 }), {
        massKg: 70,
        statureCm: 170,
      });
      if (!worst.pose) throw new Error(`${id} is hard nowhere`);
      const [mark] = strainOf(worst, worst.pose);
      const { skeleton } = worst.pose;
      const joint =
        worst.joint === 'lowBack' || worst.side === 'trunk'
          ? skeleton.waist
          : skeleton[worst.side][worst.joint];
      expect(mark?.kind === 'disc' && { x: mark.at.x, y: -mark.at.y })
        .withContext(id)
        .toEqual(joint);
      expect(mark?.kind === 'disc' && mark.radius).toBeLessThan(0.13);
    }
  });

  it('move without bending a joint the wrong way or standing on air', () => {
    const faults = LIBRARY_EXERCISES.flatMap((exercise) => {
      const figure = figureOf(exercise, { levers: {}, statureCm: 170 });
      return framesOf(figure, 170, 4).flatMap((placed) =>
        faultsIn(placed, figure, false)
          .filter((fault) => fault.startsWith('joint'))
          .map((fault) => `${exercise.id}: ${fault}`),
      );
    });
    expect(faults).toEqual([]);
  });

  it('move: the second pose is not the first', () => {
    for (const exercise of LIBRARY_EXERCISES) {
      const figure = figureOf(exercise, { levers: {}, statureCm: 170 });
      const [first, second] = placedKeys(figure.move, 170);
      const turned = first?.numbers.reduce(
        (most, value, at) => Math.max(most, Math.abs(value - (second?.numbers[at] ?? 0))),
        0,
      );
      const towards =
        JSON.stringify(figure.move.keys[0].pose.towards) !== JSON.stringify(figure.move.keys[1].pose.towards);
      const moved = Math.abs((first?.skeleton.hips.x ?? 0) - (second?.skeleton.hips.x ?? 0));
      expect((turned ?? 0) > 3 || towards || moved > 0.05)
        .withContext(exercise.id)
        .toBeTrue();
    }
  });

  it('go further down with more range, and higher with a higher surface', () => {
    const squat = LIBRARY_EXERCISES.find(({ id }) => id === 'free-squat');
    const pressUp = LIBRARY_EXERCISES.find(({ id }) => id === 'press-up');
    if (!squat || !pressUp) throw new Error('no such exercise');
    const hips = (range: number) =>
      placedKeys(figureOf(squat, { levers: { range }, statureCm: 170 }).move, 170)[1]?.skeleton.hips.y ?? 0;
    expect(hips(100)).toBeLessThan(hips(60));
    const hands = (surfaceHeight: number) =>
      placedKeys(figureOf(pressUp, { levers: { surfaceHeight }, statureCm: 170 }).move, 170)[0]?.skeleton.near
        .wrist.y ?? 0;
    expect(hands(90) * 170).toBeGreaterThan(90);
    expect(hands(0) * 170).toBeLessThan(5);
  });
});

describe('figureOf', () => {
  const how = { levers: {}, statureCm: 170 };

  it('is the plain exercise’s for one with a variation, and the nearest for one of the coach’s own', () => {
    const squat = catalog.exercises.get('goblet-squat');
    if (!squat) throw new Error('no squat');
    expect(figureOf({ ...squat, id: 'goblet-squat~narrow' }, how)).toBe(figureOf(squat, how));
    const own: Exercise = { ...squat, id: 'x1', position: 'lying', pattern: 'bridge' };
    const bridge = LIBRARY_EXERCISES.find(
      ({ pattern, position }) => pattern === 'bridge' && position === 'lying',
    );
    if (!bridge) throw new Error('no bridge');
    expect(figureOf(own, how, LIBRARY_EXERCISES)).toBe(figureOf(bridge, how));
    expect(hasFigure(own)).toBeFalse();
  });

  it('is one figure for each part of a combination, in order', () => {
    const [squat, press] = ['free-squat', 'standing-press'].map((id) => catalog.exercises.get(id));
    if (!squat || !press) throw new Error('no parts');
    const part = (exercise: Exercise) => ({ exercise, levers: {}, times: 1, carries: true });
    const both: CombinedExercise = { ...squat, id: 'both', parts: [part(squat), part(press)] };
    expect(figuresOf(both, how)).toEqual([figureOf(squat, how), figureOf(press, how)]);
  });
});

describe('drawingOf', () => {
  const curl = LIBRARY_EXERCISES.find(({ id }) => id === 'curl');
  if (!curl) throw new Error('no curl');
  const figure = figureOf(curl, { levers: {}, hold: 'pair', statureCm: 170 });
  const [first] = placedKeys(figure.move, 170);
  if (!first) throw new Error('no pose');

  it('draws a dumbbell in each hand of a pair, and none in empty hands', () => {
    const things = drawingOf(figure, first, { hold: 'pair', thing: 'dumbbell' }).filter(
      ({ role }) => role === 'thing',
    );
    expect(things.length).toBe(2);
    expect(drawingOf(figure, first).some(({ role }) => role === 'thing')).toBeFalse();
  });

  it('fits into its bounds', () => {
    const shapes = drawingOf(figure, first, { hold: 'pair', thing: 'bottle' });
    const [left, top, width, height] = boundsOf(shapes);
    for (const shape of shapes) {
      for (const { x, y } of shape.kind === 'disc' ? [shape.at] : shape.points) {
        expect(x).toBeGreaterThan(left);
        expect(x).toBeLessThan(left + width);
        expect(y).toBeGreaterThan(top);
        expect(y).toBeLessThan(top + height);
      }
    }
  });

  it('touches the floor where the feet stand', () => {
    const feet = first.stance.rests.flatMap((rest) => touchesOf(rest, first.skeleton));
    for (const { y } of feet) expect(Math.abs(y)).toBeLessThan(1e-3);
  });
});

describe('difficultyOf', () => {
  const usual = { massKg: 70, statureCm: 170 };
  const exercise = (id: string) => {
    const found = LIBRARY_EXERCISES.find((one) => one.id === id);
    if (!found) throw new Error(id);
    return found;
  };
  const of = (id: string, levers: LeverSettings = {}, held?: HeldLoad, body: Body = usual) =>
    difficultyOf(figureOf(exercise(id), { levers, hold: held?.hold, statureCm: body.statureCm }), body, {
      held,
    });

  it('names the joint that a coach would', () => {
    // Common practice, no published source.
    expect(of('front-raise', {}, { hold: 'pair', kg: 12 }).joint).toBe('shoulder');
    expect(
      of('one-leg-squat')
        .joints.slice(0, 2)
        .map(({ joint }) => joint),
    ).toContain('knee');
    expect(of('one-leg-heel-raise').joint).toBe('ankle');
    expect(of('pull-up').joint).toBe('elbow');
    const sidePlank = figureOf(exercise('side-plank'), { levers: {}, statureCm: 170 });
    expect(
      difficultyOf(sidePlank, usual, { still: true })
        .joints.slice(0, 2)
        .map(({ joint }) => joint),
    ).toContain('hip');
  });

  it('of a curl is weight times forearm, by hand', () => {
    // Elbow at a right angle: load in the grip times the level distance from the elbow, beside the forearm's own.
    const curl = figureOf(exercise('curl-hold'), { levers: {}, hold: 'pair', statureCm: 170 });
    const level = placedKeys(curl.move, 170)[1];
    if (!level) throw new Error('no pose');
    const arm = (level.skeleton.near.grip.x - level.skeleton.near.elbow.x) * 1.7;
    const at = (kg: number) =>
      Math.abs(
        difficultyOf(curl, usual, { held: { hold: 'pair', kg } }).joints.find(
          ({ joint }) => joint === 'elbow',
        )?.newtonMetres ?? 0,
      );
    expect(at(20) - at(10)).toBeCloseTo(5 * 9.80665 * arm, 1);
  });

  it('grows with the load, and falls with the strength of whoever does it', () => {
    const loaded = (kg: number, body?: Body) =>
      of('goblet-squat', { range: 100 }, { hold: 'bothHands', kg }, body).share;
    expect(loaded(30)).toBeGreaterThan(loaded(10));
    expect(loaded(10, { ...usual, ageYears: 75 })).toBeGreaterThan(loaded(10, { ...usual, ageYears: 30 }));
    expect(loaded(10, { ...usual, sex: 'female' })).toBeGreaterThan(loaded(10, { ...usual, sex: 'male' }));
  });

  it('finds one leg harder to balance than two, closed eyes harder than open, and a hand on the counter easier', () => {
    const balance = (id: string, senses = 0) =>
      difficultyOf(figureOf(exercise(id), { levers: {}, statureCm: 170 }), usual, { eyesClosed: senses })
        .balance?.difficulty ?? 0;
    expect(balance('one-leg-stand')).toBeGreaterThan(2 * balance('deep-squat-rest'));
    expect(balance('one-leg-stand', 100)).toBeCloseTo(1.5 * balance('one-leg-stand'), 5);
    expect(balance('held-one-leg-stand')).toBeLessThan(balance('one-leg-stand'));
    expect(
      difficultyOf(figureOf(exercise('plank'), { levers: {}, statureCm: 170 }), usual).balance,
    ).toBeUndefined();
  });

  it('tells what keeps a pose standing: nothing pulls where nothing is held', () => {
    const loose = LIBRARY_EXERCISES.flatMap(({ id }) => {
      const { move, above } = figureOf(exercise(id), { levers: {}, statureCm: 170 });
      if (above) return [];
      return placedKeys(move, 170).flatMap((placed, at) => {
        if (placed.stance.rests.every(({ light }) => light)) return [];
        const { unbalanced } = staticsFor(placed, usual);
        // A tenth of the body: what flesh, that the figure does not have, spreads further.
        return unbalanced > 70 ? [`${id}, pose ${at + 1}: ${unbalanced.toFixed(0)} N`] : [];
      });
    });
    expect(loose).toEqual([]);
  });
});

describe('ladders as mechanics see them', () => {
  it('go up, or say why a rung that computes as easier is harder', () => {
    const unexplained = LIBRARY_LADDERS.flatMap((ladder) =>
      climbOf(ladder, (id) => catalog.exercises.get(id), { massKg: 70, statureCm: 170 })
        .filter(isUnexplained)
        .map(
          ({ rungId, difficulty, step }) =>
            `${rungId}: ${difficulty.joint} ${step?.toFixed(2)} of the rung below`,
        ),
    );
    expect(unexplained).toEqual([]);
  });

  it('explain no rung that needs none', () => {
    const used = new Set(
      LIBRARY_LADDERS.flatMap((ladder) =>
        climbOf(ladder, (id) => catalog.exercises.get(id), { massKg: 70, statureCm: 170 }).flatMap(
          ({ rungId, harderBy }) => (harderBy ? [rungId] : []),
        ),
      ),
    );
    expect(Object.keys(HARDER_BY).filter((id) => !used.has(id))).toEqual([]);
  });
});

describe('what a lever is worth', () => {
  const body = { massKg: 70, statureCm: 170 };
  const exercise = (id: string) => {
    const found = catalog.exercises.get(id);
    if (!found) throw new Error(id);
    return found;
  };

  it('takes repetitions away as Epley would', () => {
    // Epley 1985 (from memory): ten at 60 is a maximum of 80; at 66 it leaves 6.
    expect(repsAfter(10, 66 / 60)).toBe(Math.round(30 * (80 / 66 - 1)));
    expect(repsAfter(10, 1)).toBe(10);
    expect(repsAfter(5, 3)).toBe(0);
  });

  it('makes a press-up harder with lower hands, by what a force plate shows', () => {
    const [lower] = worthOf(exercise('press-up'), { surfaceHeight: 61 }, body);
    expect(lower?.lever).toBe('surfaceHeight');
    // Ebben et al. 2011 (from memory): 41 % at 61 cm, 55 % at 30.5 cm: 4.6 points for 10 cm, eleven percent of 41.
    expect(lower?.times ?? 0).toBeGreaterThan(1.05);
    expect(lower?.times ?? 0).toBeLessThan(1.2);
    expect(lower?.reps ?? 10).toBeLessThan(10);
  });

  it('finds a step between the counter and the chair, and none where the next is near', () => {
    const pressUps = LIBRARY_LADDERS.find(({ id }) => id === 'press-up');
    if (!pressUps) throw new Error('no ladder');
    const byId = (id: string) => catalog.exercises.get(id);
    const between = rungBetween(pressUps, 1, byId, body);
    expect(between?.lever).toBe('surfaceHeight');
    expect(between?.value ?? 0).toBeGreaterThan(45);
    expect(between?.value ?? 0).toBeLessThan(90);
    // A foot raised adds little to a press-up from the floor.
    expect(rungBetween(pressUps, 3, byId, body)).toBeUndefined();
  });

  it('offers a version as hard as a load that nobody has, and none that is harder', () => {
    const versions = LIBRARY_LADDERS.flatMap(({ rungs }) =>
      rungs.map((rung) => ({ rung, exercise: exercise(rung.exerciseId), levers: rung.levers })),
    );
    for (const kg of [6, 8, 12, 24]) {
      const wanted = {
        exercise: exercise('goblet-squat'),
        levers: { range: 100 },
        held: { hold: 'bothHands', kg },
      } as const;
      const found = asHardAs(wanted, versions, body);
      if (!found) continue;
      expect(found.exercise.loading?.required ?? false).toBeFalse();
      expect(found.times).toBeLessThan(1.06);
    }
    const eight = {
      exercise: exercise('goblet-squat'),
      levers: { range: 100 },
      held: { hold: 'bothHands', kg: 8 },
    } as const;
    expect(asHardAs(eight, versions, body)).toBeDefined();
  });
});

describe('common mistakes', () => {
  const shown = LIBRARY_EXERCISES.flatMap((exercise) =>
    Object.keys(LIBRARY_WORDS[exercise.id]?.watch ?? {})
      .filter((watch) => MISTAKES[watch])
      .map((watch) => ({ exercise, watch })),
  );

  it('show for many things a coach watches for, each as a pose that can be taken and is plainly another', () => {
    const drawn = shown.filter(({ exercise, watch }) => {
      const found = mistakeOf(figureOf(exercise, { levers: {}, statureCm: 170 }), watch, 170);
      if (!found) return false;
      const { least, most } = limitsOf(found.wrong.view);
      found.wrong.numbers.forEach((value, at) => {
        expect(value)
          .withContext(`${exercise.id}, ${watch}`)
          .toBeGreaterThan((least[at] ?? 0) - 0.01);
        expect(value)
          .withContext(`${exercise.id}, ${watch}`)
          .toBeLessThan((most[at] ?? 0) + 0.01);
      });
      return true;
    });
    expect(drawn.length).toBeGreaterThan(150);
  });

  it('are all in the words of the library', () => {
    const said = new Set(LIBRARY_EXERCISES.flatMap(({ id }) => Object.keys(LIBRARY_WORDS[id]?.watch ?? {})));
    expect(Object.keys(MISTAKES).filter((watch) => !said.has(watch))).toEqual([]);
  });

  it('say nothing of what does not show', () => {
    const [any] = LIBRARY_EXERCISES;
    if (!any) throw new Error('no library');
    expect(mistakeOf(figureOf(any, { levers: {}, statureCm: 170 }), 'holds the breath', 170)).toBeUndefined();
  });
});

describe('the share of the body that an exercise’s data say', () => {
  const usual: Body = { massKg: 70, statureCm: 170 };
  const shareOf = ({ bodyLoad }: Exercise) => bodyLoad?.share ?? 0;
  const carriedBy = (by: BodyLoad['carriedBy']) =>
    LIBRARY_EXERCISES.filter(({ bodyLoad }) => bodyLoad?.carriedBy === by && bodyLoad.share !== undefined);

  it('is what the hands of its figure carry, half-way between its first and hardest pose', () => {
    expect(carriedBy('hands').length).toBeGreaterThan(2);
    for (const one of carriedBy('hands')) {
      const { move } = figureOf(one, { levers: {}, statureCm: 170 });
      const { hands } = contactShares(move, usual, 'mean');
      expect(Math.abs(hands - shareOf(one)))
        .withContext(one.id)
        .toBeLessThan(0.02);
    }
  });

  it('is the load on the hips that asks as much of them as the body does by itself', () => {
    expect(carriedBy('hips').length).toBeGreaterThan(3);
    for (const one of carriedBy('hips')) {
      const { move } = figureOf(one, { levers: {}, statureCm: 170 });
      const hip = (placed: Placed, kg: number) =>
        staticsFor(placed, usual, [{ at: 'hips', kg }]).moments.find(
          ({ joint, side }) => joint === 'hip' && side === 'near',
        )?.newtonMetres ?? 0;
      const worth = placedKeys(move, 170).map((placed) => {
        const own = hip(placed, 0);
        return own <= 0 ? 0 : own / ((hip(placed, 10) - own) / 10) / usual.massKg;
      });
      expect(Math.abs(Math.max(...worth) - shareOf(one)))
        .withContext(one.id)
        .toBeLessThan(0.02);
    }
  });

  it('is all above the knees in a squat, as in the reference lift', () => {
    expect(carriedBy('legs').map(shareOf)).toEqual(carriedBy('legs').map(() => REFERENCE_BODY_SHARE.squat));
  });
});
