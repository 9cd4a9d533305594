import type { CautionSubject } from './rule';

/** The columns of the table: who it is asked for. The pressure is known and below 160/100 where it is only high. */
export const EXPECTED_FOR: Readonly<Record<string, readonly CautionSubject[]>> = {
  KN: ['soreKnee'],
  BP: ['highBloodPressure'],
  HC: ['heartCondition'],
  LB: ['lowBoneDensity'],
  SH: ['shoulder'],
  NE: ['neck'],
  BA: ['lowBack'],
  SI: ['sacroiliac'],
  HI: ['hip'],
  AN: ['ankle'],
  WR: ['wrist'],
  PF: ['pelvicFloor'],
  P1: ['pregnancyEarly'],
  P2: ['pregnancyMiddle'],
  P3: ['pregnancyLate'],
  SA: ['recentSurgery', 'surgery:abdomen'],
  FR: ['fallRisk'],
  DI: ['diabetes'],
  AR: ['arthritis'],
  OB: ['olderBeginner'],
  PU: ['highBloodPressure', 'pressureUnknown'],
  PH: ['highBloodPressure', 'pressureHigh'],
};

/**
 * What each condition makes of a version, written down by reading the movement and not taken from the rules: a rung of a ladder or
 * an exercise that stands on none. `.` as it is · `a` adapted, another rung or less of a lever · `h` holding on · `u` body weight
 * only · `b` blocked. Common practice, no published source, but where the rule in question names one.
 */
export const EXPECTED = `
version             KN  BP  HC  LB  SH  NE  BA  SI  HI  AN  WR  PF  P1  P2  P3  SA  FR  DI  AR  OB  PU  PH
squat-seat          .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   u   .   .   .   .   .   u
squat-free          a   .   .   .   .   .   .   .   a   a   .   .   .   .   a   .   a   .   a   a   .   a
squat-goblet        a   .   .   .   .   .   .   .   a   a   .   .   .   .   a   b   a   .   a   a   .   b
squat-shoulder-pair a   .   .   .   .   .   .   .   a   a   .   .   .   .   a   b   a   .   a   a   .   b
squat-bar           a   .   .   .   b   b   b   .   a   a   .   .   .   .   a   b   a   .   a   a   .   b
raised-split-squat  a   .   .   .   .   .   .   .   a   ah  .   .   .   h   ah  u   ah  .   a   a   .   au
lunge-held          .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .
lunge-split         a   .   .   .   .   .   .   .   a   h   .   .   .   h   ah  u   ah  .   a   a   .   au
lunge-back          a   .   .   .   .   .   .   .   a   ah  .   .   .   h   ah  .   ah  .   a   a   .   a
lunge-walking       a   .   .   .   .   .   .   .   a   b   .   .   .   b   b   u   b   .   a   a   .   au
side-lunge-full     a   .   .   .   .   .   .   b   b   h   .   .   .   h   ah  u   ah  .   a   a   .   au
curtsy-full         a   .   .   .   .   .   .   b   b   hu  .   .   .   hu  ahu u   ahu .   a   a   .   au
one-leg-step-up     .   .   .   .   .   .   .   .   .   h   .   .   .   h   h   u   hu  .   .   .   .   u
high-step-up        b   .   .   .   .   .   .   b   b   h   .   .   .   b   b   u   b   .   b   b   .   b
one-leg-sit-low     a   .   .   .   .   .   .   .   .   h   .   .   .   h   h   u   h   .   .   .   .   au
wall-sit            a   .   .   .   .   .   .   .   a   .   .   .   .   .   a   b   a   .   a   a   .   b
hinge-free          .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .
hinge-pair          .   .   .   .   .   .   b   .   .   .   .   .   .   .   .   b   .   .   .   .   .   b
one-hinge-free      .   .   .   .   .   .   .   .   .   h   .   .   .   h   h   .   h   .   .   .   .   .
one-hinge-loaded    .   .   .   .   .   .   b   .   .   h   .   .   .   h   h   b   h   .   .   .   .   b
thrust-bridge       .   .   .   .   .   .   .   .   .   .   .   .   .   b   b   .   .   .   .   .   .   .
thrust-loaded       .   .   .   .   .   .   .   .   .   .   .   b   .   b   b   b   .   .   .   .   .   b
curl-slide          .   .   .   .   .   .   .   .   .   .   .   .   .   b   b   .   .   .   .   .   .   .
curl-lowering-full  .   .   .   b   .   .   b   .   .   .   b   b   b   b   b   b   .   .   b   .   .   b
open-standing       .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   u   .   .   .   .   .   u
close-standing      .   .   .   .   .   .   .   b   b   .   .   .   .   .   .   u   .   .   .   .   .   u
press-wall          .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .
press-counter       .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   b
press-floor         .   .   .   .   a   .   .   .   .   .   a   a   .   a   a   a   .   .   a   .   .   b
press-feet-raised   .   b   b   .   b   b   .   .   .   .   b   b   .   b   b   b   b   .   b   .   b   b
floor-press-pair    .   .   .   .   .   .   .   .   .   .   .   .   .   b   b   b   .   .   .   .   .   b
dip-bent            .   .   .   .   b   .   .   .   .   .   b   .   .   .   .   b   .   .   b   .   .   b
overhead-wall       .   .   .   .   b   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .
overhead-standing   .   .   .   .   b   b   .   .   .   .   .   .   .   .   .   b   .   .   .   .   b   b
fly-floor           .   .   .   .   b   .   .   .   .   .   .   .   .   b   b   b   .   .   .   .   .   b
row-supported       .   .   .   .   .   .   .   .   .   .   .   b   .   b   b   b   .   .   .   .   .   b
row-one-arm         .   .   .   .   .   .   b   .   .   .   .   .   .   .   .   b   .   .   .   .   .   b
row-plank           .   .   .   .   b   .   .   .   .   .   b   b   .   b   b   b   .   .   b   .   .   b
band-row-anchored   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   b   .   .   .   .   .   b
pull-free           .   .   b   .   b   .   .   .   .   .   b   .   b   b   b   b   .   .   .   .   b   b
raise-t             .   .   .   .   u   .   b   .   .   .   .   .   .   b   b   b   .   .   .   .   .   u
lateral-full        .   .   .   .   b   .   .   .   .   .   .   .   .   .   .   b   .   .   .   .   .   b
front-both          .   .   .   .   b   .   .   .   .   .   .   .   .   .   .   b   .   .   .   .   .   b
curl-free           .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   b   .   .   .   .   .   b
triceps-lying       .   .   .   .   .   .   .   .   .   .   .   .   .   b   b   b   .   .   .   .   .   b
triceps-overhead    .   .   .   .   b   b   .   .   .   .   .   .   .   .   .   b   .   .   .   .   b   b
heel-free           .   .   .   .   .   .   .   .   .   h   .   .   .   h   h   u   h   .   .   .   .   u
heel-step           .   .   .   .   .   .   .   .   .   b   .   .   .   h   h   u   h   .   .   .   .   u
brace-counter       .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   b   .   .   .   .   .   b
brace-knees         .   .   .   .   b   .   .   .   .   .   .   b   .   b   b   b   .   .   .   .   .   b
brace-floor         .   .   .   .   a   .   .   .   .   .   .   a   .   a   a   b   .   .   .   .   .   b
side-full           .   .   .   .   b   .   .   .   .   .   .   b   .   b   b   b   .   .   .   .   .   b
reach-cross         .   .   .   .   .   .   .   .   .   .   b   .   .   .   .   .   .   .   b   .   .   .
curl-up-short       .   .   .   b   .   b   b   .   .   .   .   b   .   b   b   b   .   .   .   .   .   b
lower-slide         .   .   .   .   .   .   .   .   .   .   .   .   .   b   b   .   .   .   .   .   .   .
lower-tap           .   .   .   .   .   .   .   .   .   .   .   b   .   b   b   b   .   .   .   .   .   b
heel-taps           .   .   .   .   .   .   .   .   .   .   .   b   .   b   b   b   .   .   .   .   .   b
lower-both          .   .   .   .   .   .   a   .   .   .   .   b   .   b   b   b   .   .   .   .   .   b
lower-one           .   .   .   .   .   .   a   .   .   .   .   b   .   b   b   b   .   .   .   .   .   b
hang-knees          .   .   b   .   b   .   .   .   .   .   b   b   b   b   b   b   .   .   .   .   b   b
stand-one           .   .   .   .   .   .   .   .   .   h   .   .   .   h   h   .   h   .   .   .   .   .
stand-toes          .   .   .   .   .   .   .   .   .   b   .   .   .   h   h   .   h   .   .   .   .   .
stand-blind         .   .   .   .   .   .   .   .   .   b   .   .   .   h   b   .   b   .   .   b   .   .
move-walk           .   .   .   .   .   .   .   .   .   h   .   .   .   h   h   .   h   .   .   .   .   .
move-press          .   .   .   .   b   .   .   .   .   b   .   .   .   b   b   .   b   .   .   .   .   .
hop-drop            b   .   .   .   .   .   b   b   b   b   .   b   .   b   b   b   b   .   b   .   .   .
hop-small           b   .   b   b   .   .   b   b   b   b   .   b   .   b   b   b   b   .   b   b   b   b
thrust-chair-step   .   b   b   .   a   .   .   .   .   .   .   a   .   a   a   a   b   .   .   .   b   b
thrust-floor-jump   b   b   b   b   b   b   b   b   b   b   a   b   .   b   b   b   b   .   b   b   b   b
seated-march-arms   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .
star-step           .   .   .   .   b   .   .   .   .   b   .   .   .   b   b   .   b   .   .   .   .   .
star-jump           b   .   b   b   b   .   b   b   b   b   .   b   .   b   b   b   b   .   b   b   b   b
climb-counter       .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   b
climb-floor         b   .   b   .   b   .   b   b   b   b   b   b   .   b   b   b   b   .   b   .   b   b
seat-stretch        .   .   .   .   .   .   .   b   b   .   .   .   .   .   .   .   .   .   .   .   .   .
reach-and-bow       .   b   b   b   b   b   b   .   .   .   .   .   .   .   b   b   b   .   .   .   b   b
side-stretch        .   .   .   .   b   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .   .
knee-hugs           .   .   .   .   .   .   .   .   b   b   .   .   .   b   b   .   b   .   .   .   .   .
calf-stretch        .   .   .   .   .   .   .   .   .   b   .   .   .   .   .   .   .   .   .   .   .   .
`;
