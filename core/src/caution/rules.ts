import type { Condition, Demand, LeverKind } from '../model';

/** What holds a person down beside a condition: what they answered before the first session, or their pressure. */
export type StandingHold = 'startGently' | 'clinicianFirst' | 'pressureTooHigh';

/** Whom a rule is for. */
export type CautionSubject = Condition | StandingHold;

/** What a rule does when its demand is met. */
export type CautionAction =
  | { readonly kind: 'block' }
  /** Move a lever to its easier side of a limit; `words` name the version it makes. */
  | { readonly kind: 'adapt'; readonly lever: LeverKind; readonly limit: number; readonly words: string }
  /** Keep the exercise, hold the effort down. */
  | { readonly kind: 'ease'; readonly reserveAtLeast?: number; readonly holdAtMostSeconds?: number }
  | { readonly kind: 'warn' };

export interface CautionRule {
  readonly condition: CautionSubject;
  /** "held" is met by anything done with a load; "effort" by everything but loosening up and balance. */
  readonly demand: Demand | 'held' | 'effort';
  readonly action: CautionAction;
  /** For the mark in a cell: a few words. */
  readonly mark: string;
  /** For the participant: a sentence. */
  readonly words: string;
  readonly source: string;
}

const COMMON = 'common practice, no published source';
const AHA = 'AHA scientific statement, Williams et al. 2007 (from memory)';
const ACSM = 'ACSM statement on screening before exercise, Riebe et al. 2015 (from memory)';
const ACOG = 'ACOG committee statement on exercise in pregnancy 2020 (from memory)';

const BLOCK: CautionAction = { kind: 'block' };
const WARN: CautionAction = { kind: 'warn' };
const ease = (reserveAtLeast?: number, holdAtMostSeconds?: number): CautionAction => ({
  kind: 'ease',
  ...(reserveAtLeast !== undefined && { reserveAtLeast }),
  ...(holdAtMostSeconds !== undefined && { holdAtMostSeconds }),
});
const adapt = (lever: LeverKind, limit: number, words: string): CautionAction => ({
  kind: 'adapt',
  lever,
  limit,
  words,
});
const HIGH_SEAT = adapt('range', 60, 'to a high seat');
const LESS_DEEP = adapt('range', 70, 'less deep');
const HANDS_AT_HIP = adapt('surfaceHeight', 90, 'hands at hip height');
const HANDS_ON_CHAIR = adapt('surfaceHeight', 45, 'hands on a chair');

type Row = readonly [
  demand: CautionRule['demand'],
  action: CautionAction,
  mark: string,
  words: string,
  source?: string,
];

const NO_LANDING: Row = ['jump', BLOCK, 'no landing', 'Nothing that jumps or lands: step instead.'];
const SUPPORT_NEAR: Row = ['singleLeg', WARN, 'support near', 'A hand on or near something that stands.'];
const TALK_TEST: Row = ['breathless', WARN, 'talk test', 'Only so hard that talking still goes.'];

/** The table, by subject. Order within one: blocks first. */
const TABLE: Readonly<Record<CautionSubject, readonly Row[]>> = {
  soreKnee: [
    NO_LANDING,
    [
      'deepKnee',
      HIGH_SEAT,
      'knee: less depth',
      'Bend only as far as a high seat, shin nearly upright, knee over the foot.',
    ],
    ['ankleBend', WARN, 'heel down', 'Heels stay down, slowly.'],
    ['kneeling', WARN, 'kneel on padding', 'Put a folded towel or two mats under the knee.'],
  ],
  highBloodPressure: [
    ['overhead', BLOCK, 'nothing overhead', 'No arms overhead under load.'],
    ['headDown', BLOCK, 'head up', 'Keep the head above the heart.'],
    [
      'longStrain',
      ease(3, 20),
      'short holds, breathe',
      'Holds stay at 20 seconds or less, breathing all the way through.',
    ],
    [
      'held',
      ease(3),
      'breathe, 3 left',
      'Loose grip, breathe out on the effort, never hold the breath; stop with three left.',
      `${AHA}: no breath-holding, moderate effort`,
    ],
    TALK_TEST,
  ],
  heartCondition: [
    [
      'breathless',
      BLOCK,
      'no racing',
      'Nothing that leaves you out of breath: walk it instead.',
      `${AHA}: moderate effort`,
    ],
    ['headDown', BLOCK, 'head up', 'Keep the head above the heart.'],
    ['hanging', BLOCK, 'no hanging', 'No hanging by the hands.'],
    NO_LANDING,
    [
      'longStrain',
      ease(4, 15),
      'short holds, breathe',
      'Holds stay at 15 seconds or less, breathing all the way through.',
    ],
    [
      'held',
      ease(4),
      'breathe, 4 left',
      'Light enough to stop with four left; never hold the breath; stop on any pressure in the chest.',
      `${AHA}: low to moderate effort`,
    ],
  ],
  lowBoneDensity: [
    [
      'spineBending',
      BLOCK,
      'no loaded bending',
      'No bending forward with a load: chest supported, or lying.',
    ],
    ['spineTwisting', BLOCK, 'no twisting', 'No twisting under load: reach straight instead.'],
    NO_LANDING,
    ['backArch', WARN, 'long back', 'Keep the back long, not arched.'],
    ['upAndDown', WARN, 'slow down, slow up', 'Down and up in your own time, by rolling to the side.'],
  ],
  shoulder: [
    ['overhead', BLOCK, 'nothing overhead', 'No arms above shoulder height.'],
    ['wideArms', BLOCK, 'elbows close', 'No arms wide under load: elbows stay close.'],
    ['hanging', BLOCK, 'no hanging', 'No hanging by the hands.'],
    [
      'shoulderLoad',
      HANDS_AT_HIP,
      'hands higher',
      'Hands at hip height or above, elbows close to the ribs, stop before it pinches.',
    ],
  ],
  neck: [
    ['neckLoad', BLOCK, 'neck: no load', 'Nothing that loads or pulls the neck.'],
    ['headDown', BLOCK, 'head up', 'Keep the head above the heart.'],
    ['lyingFront', WARN, 'brow on a towel', 'Brow on a folded towel, do not lift the head.'],
    ['hanging', WARN, 'long neck', 'Shoulders down, eyes ahead.'],
  ],
  lowBack: [
    [
      'spineBending',
      BLOCK,
      'no loaded bending',
      'No bending forward with a load: chest supported, or lying.',
    ],
    ['spineTwisting', BLOCK, 'no twisting', 'No twisting under load.'],
    NO_LANDING,
    [
      'backArch',
      adapt('leverage', 50, 'knees bent'),
      'legs bent',
      'Legs bent, smaller range, low back stays down.',
    ],
    ['deepHip', WARN, 'smaller range', 'Only as deep as the back stays long.'],
    ['bellyPressure', WARN, 'feet on the floor', 'Feet on the floor, breathe out on the effort.'],
  ],
  sacroiliac: [
    ['apartLegs', BLOCK, 'legs together', 'No legs apart under load.'],
    NO_LANDING,
    [
      'singleLeg',
      WARN,
      'hips level, near support',
      'Hips level, a hand near something; both feet if it hurts.',
    ],
    ['deepHip', WARN, 'smaller range', 'Only as deep as it stays quiet.'],
  ],
  hip: [
    ['deepHip', HIGH_SEAT, 'hip: less depth', 'Sit only as low as a high seat.'],
    ['apartLegs', BLOCK, 'legs nearer', 'No legs wide apart under load.'],
    NO_LANDING,
    ['deepKnee', LESS_DEEP, 'less depth', 'Less deep, knee over the foot.'],
  ],
  ankle: [
    NO_LANDING,
    ['ankleBend', BLOCK, 'ankle: no deep bend', 'No deep bend of the ankle under load.'],
    ['eyesClosed', BLOCK, 'eyes open', 'Eyes stay open.'],
    SUPPORT_NEAR,
  ],
  wrist: [
    [
      'wristLoad',
      HANDS_ON_CHAIR,
      'hands raised',
      'Hands raised to a chair or higher, on fists or forearms where it goes.',
    ],
    ['hanging', BLOCK, 'no hanging', 'No hanging by the hands.'],
    ['grip', WARN, 'straight wrist', 'Straight wrist, thick soft grip, lighter if it aches.'],
  ],
  pelvicFloor: [
    NO_LANDING,
    ['bellyPressure', BLOCK, 'no pressure', 'Nothing that presses down into the belly.'],
    [
      'longStrain',
      ease(3, 15),
      'short holds, breathe',
      'Holds stay at 15 seconds or less; breathe out and lift as you start.',
    ],
    [
      'held',
      ease(3),
      'breathe out first',
      'Breathe out before the effort, stop with three left; stop on heaviness or leaking.',
    ],
    ['breathless', WARN, 'own pace', 'Your own pace; stop on heaviness or leaking.'],
  ],
  pregnancyEarly: [
    ['hanging', BLOCK, 'no hanging', 'No hanging by the hands.'],
    [
      'held',
      ease(3),
      'breathe, 3 left',
      'Breathe out on the effort, never hold the breath; stop with three left.',
      `${ACOG}: moderate effort`,
    ],
    ['breathless', WARN, 'talk test', 'Only so hard that talking still goes; drink, and keep cool.', ACOG],
    ['jump', WARN, 'small or none', 'Small jumps or none; step if in doubt.'],
  ],
  pregnancyMiddle: [
    NO_LANDING,
    [
      'lyingBack',
      BLOCK,
      'not on the back',
      'No long lying on the back: sit, stand, or lie on the side.',
      ACOG,
    ],
    ['lyingFront', BLOCK, 'not on the front', 'No lying on the front.'],
    ['bellyPressure', BLOCK, 'no pressure', 'Nothing that presses into the belly.'],
    ['hanging', BLOCK, 'no hanging', 'No hanging by the hands.'],
    [
      'held',
      ease(3),
      'breathe, 3 left',
      'Breathe out on the effort, never hold the breath; stop with three left.',
      `${ACOG}: moderate effort`,
    ],
    ['longStrain', ease(3, 20), 'short holds', 'Holds stay at 20 seconds or less.'],
    TALK_TEST,
    SUPPORT_NEAR,
  ],
  pregnancyLate: [
    NO_LANDING,
    ['lyingBack', BLOCK, 'not on the back', 'No lying on the back: sit, stand, or lie on the side.', ACOG],
    ['lyingFront', BLOCK, 'not on the front', 'No lying on the front.'],
    ['bellyPressure', BLOCK, 'no pressure', 'Nothing that presses into the belly.'],
    ['hanging', BLOCK, 'no hanging', 'No hanging by the hands.'],
    ['headDown', BLOCK, 'head up', 'Keep the head above the heart.'],
    ['eyesClosed', BLOCK, 'eyes open', 'Eyes stay open: balance has moved.'],
    ['deepKnee', LESS_DEEP, 'less depth', 'Less deep, feet wider, a hand near something.'],
    [
      'held',
      ease(4),
      'breathe, 4 left',
      'Breathe out on the effort, never hold the breath; stop with four left.',
      `${ACOG}: moderate effort`,
    ],
    ['longStrain', ease(4, 15), 'short holds', 'Holds stay at 15 seconds or less.'],
    TALK_TEST,
    SUPPORT_NEAR,
  ],
  recentSurgery: [
    NO_LANDING,
    ['bellyPressure', BLOCK, 'no pressure', 'Nothing that presses into the belly until the surgeon says so.'],
    ['hanging', BLOCK, 'no hanging', 'No hanging by the hands until the surgeon says so.'],
    ['breathless', BLOCK, 'no racing', 'Nothing that leaves you out of breath yet.'],
    ['longStrain', ease(5, 10), 'very short holds', 'Holds stay at 10 seconds or less.'],
    [
      'held',
      ease(5),
      'light, 5 left',
      'Light enough to stop with five left, and only what the surgeon allows.',
    ],
  ],
  fallRisk: [
    ['eyesClosed', BLOCK, 'eyes open', 'Eyes stay open.'],
    ['headDown', BLOCK, 'head up', 'Keep the head above the heart.'],
    NO_LANDING,
    ['upAndDown', WARN, 'slowly up', 'Come up slowly, sit first.'],
    ['singleLeg', WARN, 'hand on support', 'A hand on something that stands, clear floor, firm shoes.'],
    TALK_TEST,
  ],
  diabetes: [
    ['breathless', WARN, 'sugar at hand', 'Sugar within reach, check before and after; stop when shaky.'],
    ['jump', WARN, 'check the feet', 'Good shoes, check the feet afterwards.'],
    [
      'longStrain',
      ease(2, 30),
      'breathe',
      'Holds stay at 30 seconds or less, breathing all the way through.',
    ],
    ['headDown', WARN, 'head up if eyes are affected', 'Keep the head up if the eyes are affected.'],
  ],
  arthritis: [
    NO_LANDING,
    ['deepKnee', LESS_DEEP, 'less depth', 'Less deep, in the range that stays quiet.'],
    [
      'wristLoad',
      HANDS_ON_CHAIR,
      'hands raised',
      'Hands raised to a chair or higher, on fists or forearms where it goes.',
    ],
    ['longStrain', ease(2, 20), 'short holds', 'Holds stay at 20 seconds or less.'],
    ['grip', WARN, 'thick soft grip', 'A thick, soft grip; lighter on sore days.'],
    ['kneeling', WARN, 'kneel on padding', 'Put a folded towel or two mats under the knee.'],
  ],
  olderBeginner: [
    NO_LANDING,
    ['eyesClosed', BLOCK, 'eyes open', 'Eyes stay open.'],
    ['held', ease(3), '3 left', 'Light enough to stop with three left for the first weeks.'],
    ['singleLeg', WARN, 'chair within reach', 'A chair within reach.'],
    ['lyingBack', WARN, 'roll to sit up', 'Roll to the side to sit up.'],
    TALK_TEST,
  ],
  startGently: [
    ['jump', BLOCK, 'starts gently', 'The first weeks without jumping.', ACSM],
    [
      'held',
      ease(3),
      'starts gently, 3 left',
      'Light to moderate for the first weeks: stop with three left.',
      ACSM,
    ],
    [
      'longStrain',
      ease(3, 20),
      'starts gently',
      'Holds stay at 20 seconds or less for the first weeks.',
      ACSM,
    ],
    ['breathless', WARN, 'talk test', 'Only so hard that talking still goes.', ACSM],
  ],
  clinicianFirst: [
    ['jump', BLOCK, 'clinician first', 'No jumping before a clinician has seen you.', ACSM],
    [
      'breathless',
      BLOCK,
      'clinician first',
      'Nothing that leaves you out of breath before a clinician has seen you.',
      ACSM,
    ],
    ['headDown', BLOCK, 'clinician first', 'Head above the heart until a clinician has seen you.', ACSM],
    ['hanging', BLOCK, 'clinician first', 'No hanging before a clinician has seen you.', ACSM],
    [
      'held',
      ease(5),
      'clinician first, 5 left',
      'Very light until a clinician has seen you: stop with five left.',
      ACSM,
    ],
    [
      'longStrain',
      ease(5, 10),
      'clinician first',
      'Holds stay at 10 seconds until a clinician has seen you.',
      ACSM,
    ],
  ],
  pressureTooHigh: [
    [
      'effort',
      BLOCK,
      'pressure too high',
      'No strength training until a doctor has the pressure under control.',
      `${AHA}: not above 180/110 mmHg at rest`,
    ],
  ],
};

export const CAUTION_RULES: readonly CautionRule[] = Object.entries(TABLE).flatMap(([condition, rows]) =>
  rows.map(([demand, action, mark, words, source = COMMON]) => ({
    condition: condition as CautionSubject,
    demand,
    action,
    mark,
    words,
    source,
  })),
);
