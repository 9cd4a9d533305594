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
import { stanceWords } from './stances';
import { hipWorkWords } from './hip-work';
import { handsAndFeetWords } from './hands-and-feet';
import { armWorkWords } from './arm-work';
import { trunkWorkWords } from './trunk-work';
import { powerWords } from './power';
import { steadyWords } from './steady';
import { looseningWords } from './loosening';

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
  ...stanceWords,
  ...hipWorkWords,
  ...handsAndFeetWords,
  ...armWorkWords,
  ...trunkWorkWords,
  ...powerWords,
  ...steadyWords,
  ...looseningWords,
};
