import { family, ladder, repsGate, rung, secondsGate } from './define';

const HOLD = [['chair' as const, 'counter' as const, 'wall' as const, 'post' as const]];

/** Standing still and moving on little ground, hops and landings, and steps that stand in for jumps. */
export const balanceExercises = [
  ...family(
    {
      pattern: 'balance',
      muscles: { outerHip: 0.7, calves: 0.7, trunk: 0.5, shins: 0.4 },
      secondsPerRep: 3,
    },
    {
      'feet-together-stand': {
        name: 'Feet-together stand',
        levers: [{ lever: 'senses', from: 0, to: 100 }],
      },
      'staggered-stand': { name: 'Staggered stand', laterality: 'eachSide' },
      'heel-to-toe-stand': {
        name: 'Tandem stand',
        laterality: 'eachSide',
        levers: [{ lever: 'senses', from: 0, to: 100 }],
      },
      'held-one-leg-stand': {
        name: 'Supported single-leg stand',
        laterality: 'eachSide',
        needs: HOLD,
      },
      'one-leg-stand': { name: 'Single-leg stand', laterality: 'eachSide' },
      'toes-one-leg-stand': {
        name: 'Single-leg toe stand',
        laterality: 'eachSide',
      },
      'blind-one-leg-stand': {
        name: 'Single-leg stand, eyes closed',
        laterality: 'eachSide',
        needs: HOLD,
      },
      'heel-to-toe-walk': { name: 'Tandem walk', laterality: 'alternating' },
      'turning-stand': { name: 'Turning stand' },
      'one-leg-turn': { name: 'Single-leg turn', laterality: 'eachSide' },
      'one-leg-reach': {
        name: 'Clock reach',
        laterality: 'eachSide',
      },
      'one-leg-press-out': {
        name: 'Single-leg stand with arms overhead',
        laterality: 'eachSide',
        muscles: { outerHip: 0.7, calves: 0.7, trunk: 0.6, shoulders: 0.5 },
      },
    },
  ),
  ...family(
    {
      pattern: 'hop',
      muscles: { calves: 1, thighFront: 0.7, glutes: 0.5 },
      impact: 'high',
      secondsPerRep: 2,
    },
    {
      'heel-drop': { name: 'Heel drop', impact: 'low' },
      'quick-feet': {
        name: 'Quick feet',
        impact: 'low',
        laterality: 'alternating',
      },
      'small-hop': { name: 'Small hops', levers: [{ lever: 'jumpHeight', from: 2, to: 20 }] },
      'jump-and-land': {
        name: 'Jump and stick',
        levers: [{ lever: 'jumpHeight', from: 5, to: 40 }],
      },
      'side-hop': {
        name: 'Side hops',
        tier: 'advanced',
        laterality: 'alternating',
      },
      'one-leg-hop': { name: 'Single-leg hop', laterality: 'eachSide' },
    },
  ),
  ...family(
    {
      pattern: 'thrust',
      muscles: { thighFront: 0.7, calves: 0.6, shoulders: 0.3, trunk: 0.4 },
      impact: 'low',
      laterality: 'alternating',
      secondsPerRep: 2,
    },
    {
      'step-out-arms': { name: 'Step touch with arms', impact: 'none' },
      'star-step': { name: 'Step jack', rep: 'left and right together are one' },
      'star-jump': {
        name: 'Jumping jack',
        impact: 'high',
        laterality: 'both',
      },
      'slow-climber': {
        name: 'Slow mountain climber',
        position: 'handsAndFeet',
        levers: [{ lever: 'surfaceHeight', from: 0, to: 95 }],
      },
      'fast-climber': {
        name: 'Mountain climber',
        position: 'handsAndFeet',
      },
      'seated-march-arms': {
        name: 'Seated march',
        tier: 'beginner',
        position: 'seated',
        impact: 'none',
        needs: [['chair', 'step']],
      },
      'shadow-box': {
        name: 'Shadow boxing',
        tier: 'beginner',
        impact: 'none',
        muscles: { shoulders: 0.7, trunk: 0.6, sides: 0.4 },
      },
      'step-over': {
        name: 'Quick step-ups',
        tier: 'intermediate',
        needs: [['step']],
      },
    },
  ),
];

const WOBBLE = 'More than three touches in a hold, or the breath stops.';

export const balanceLadders = [
  ladder(
    'balance',
    'Standing balance',
    'balance',
    'A finger on the wall, eyes on one point, shorter and more often.',
    WOBBLE,
    [
      rung('stand-together', 'feet-together-stand', 'feet together', 'b', secondsGate(2, 30), {
        levers: { senses: 0 },
      }),
      rung('stand-staggered', 'staggered-stand', 'half in front', 'b', secondsGate(2, 30)),
      rung('stand-heel-toe', 'heel-to-toe-stand', 'heel to toe', 'b', secondsGate(2, 20), {
        levers: { senses: 0 },
      }),
      rung('stand-one-held', 'held-one-leg-stand', 'one leg, a hand near', 'i', secondsGate(2, 20)),
      rung('stand-one', 'one-leg-stand', 'one leg', 'i', secondsGate(2, 30, 'no touch')),
      rung('stand-toes', 'toes-one-leg-stand', 'one leg, on the toes', 'a', secondsGate(2, 10)),
      rung('stand-blind', 'blind-one-leg-stand', 'one leg, eyes closed', 'a', secondsGate(2, 10)),
    ],
  ),
  ladder(
    'moving-balance',
    'Balance in motion',
    'balance',
    'Smaller turns, slower, a wall within reach.',
    WOBBLE,
    [
      rung('move-turn', 'turning-stand', 'feet together, turning', 'b', repsGate(2, 8)),
      rung('move-walk', 'heel-to-toe-walk', 'walking heel to toe', 'b', repsGate(2, 10)),
      rung('move-one-turn', 'one-leg-turn', 'one leg, turning', 'i', repsGate(2, 8), {
        after: [['balance', 'stand-one-held']],
      }),
      rung('move-reach', 'one-leg-reach', 'one leg, reaching', 'i', repsGate(3, 6), {
        after: [['balance', 'stand-one-held']],
      }),
      rung('move-press', 'one-leg-press-out', 'one leg, arms up', 'a', repsGate(3, 8), {
        after: [['balance', 'stand-one']],
      }),
    ],
  ),
  ladder(
    'hops',
    'Hops and landings',
    'hop',
    'Lower, softer, with a stop between.',
    'Landings get loud or knees fall in.',
    [
      rung('hop-drop', 'heel-drop', 'heel drops', 'b', repsGate(2, 15)),
      rung('hop-feet', 'quick-feet', 'quick small steps', 'b', secondsGate(3, 20)),
      rung('hop-small', 'small-hop', 'small hops', 'i', repsGate(3, 15), {
        levers: { jumpHeight: 5 },
        after: [['heel-raise', 'heel-free']],
      }),
      rung('hop-land', 'jump-and-land', 'jump and stick it', 'a', repsGate(3, 6), {
        levers: { jumpHeight: 25 },
        after: [['squat', 'squat-free']],
      }),
      rung('hop-one', 'one-leg-hop', 'on one leg', 'a', repsGate(3, 10), {
        after: [['heel-raise', 'heel-one']],
      }),
    ],
  ),
  ladder(
    'star',
    'Jumping jack',
    'thrust',
    'Arms lower, smaller steps, the same beat.',
    'Talking is no longer possible or landings get loud.',
    [
      rung('star-side', 'step-out-arms', 'side steps', 'b', secondsGate(2, 40)),
      rung('star-step', 'star-step', 'star steps', 'i', secondsGate(3, 40)),
      rung('star-jump', 'star-jump', 'star jumps', 'a', secondsGate(3, 30), {
        after: [['hops', 'hop-small']],
      }),
    ],
  ),
  ladder(
    'climber',
    'Mountain climber',
    'thrust',
    'One surface higher, half the pace.',
    'The hips bounce or the low back hangs.',
    [
      rung('climb-counter', 'slow-climber', 'hands on the counter', 'b', secondsGate(2, 30), {
        levers: { surfaceHeight: 90 },
        needs: [['counter']],
      }),
      rung('climb-chair', 'slow-climber', 'hands on the chair', 'i', secondsGate(3, 30), {
        levers: { surfaceHeight: 45 },
        needs: [['chair', 'step']],
      }),
      rung('climb-floor', 'fast-climber', 'running, on the floor', 'a', secondsGate(3, 30), {
        after: [['brace', 'brace-floor']],
      }),
    ],
  ),
];
