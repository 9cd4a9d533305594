import type { Figure } from './figure';
import { fromTheSide, key } from './parts';
import { STANDING } from './stances';

/** Somebody standing: where nothing is known of how an exercise goes. */
export const STANDING_STILL: Figure = { move: fromTheSide([key(STANDING), key(STANDING, { elbow: 8 })]) };
