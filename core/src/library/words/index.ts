/**
 * What a coach says of each exercise that ships: cues, what to watch for and how to mend it, breathing. Apart from the
 * facts, because plan and board need the facts at once and nobody reads these words there.
 */
import type { CoachingWords } from '../../model';
import { armWords } from './arms';
import { balanceWords } from './balance';
import { braceWords } from './brace';
import { hingeWords } from './hinge';
import { hipWords } from './hips';
import { legWords } from './legs';
import { mobilityWords } from './mobility';
import { pressWords } from './press';
import { pullWords } from './pull';
import { pushWords } from './push';
import { rowWords } from './row';
import { squatWords } from './squat';
import { thrustWords } from './thrust';
import { trunkWords } from './trunk';

export const LIBRARY_WORDS: CoachingWords = {
  ...squatWords,
  ...legWords,
  ...hingeWords,
  ...hipWords,
  ...pressWords,
  ...pushWords,
  ...rowWords,
  ...pullWords,
  ...armWords,
  ...braceWords,
  ...trunkWords,
  ...balanceWords,
  ...thrustWords,
  ...mobilityWords,
};
