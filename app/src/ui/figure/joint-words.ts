import type { MomentJoint } from '@dray/core';

export const JOINT_WORDS: Readonly<Record<MomentJoint, string>> = {
  ankle: $localize`ankle`,
  knee: $localize`knee`,
  hip: $localize`hip`,
  lowBack: $localize`low back`,
  shoulder: $localize`shoulder`,
  elbow: $localize`elbow`,
  wrist: $localize`wrist`,
};
