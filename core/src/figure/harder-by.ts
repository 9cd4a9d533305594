/** Why a rung is harder than the one below, where the largest moment of the figure does not show it. */
export type HarderBy =
  | 'load'
  | 'balance'
  | 'speed'
  | 'twist'
  | 'oneSide'
  | 'travel'
  | 'strain'
  | 'range'
  | 'bothLegs'
  | 'eyes'
  | 'body'
  | 'help';

export const HARDER_BY_WORDS: Readonly<Record<HarderBy, string>> = {
  load: 'harder by what is held',
  balance: 'harder by balance',
  speed: 'harder by speed and landing',
  twist: 'harder by holding against a twist, which the picture does not show',
  oneSide: 'harder by working one side',
  travel: 'harder by moving on',
  strain: 'harder by holding it still',
  range: 'harder by how far it goes',
  bothLegs: 'harder by carrying both legs at once',
  eyes: 'harder with closed eyes',
  body: 'harder by carrying the body with the muscle that works',
  help: 'harder by less to rest on',
};

/**
 * Rungs that compute as easier than the one below although coaches put them above it (common practice, no published source for the order).
 */
export const HARDER_BY: Readonly<Record<string, HarderBy>> = {
  'squat-free': 'help',
  'side-lunge-half': 'oneSide',
  'curl-up-short': 'range',
  'curl-up-full': 'range',
  'lower-both-bent': 'bothLegs',
  'hang-frog': 'range',
  'stand-blind': 'eyes',
  'hop-small': 'speed',
  'bear-crawl': 'travel',
  'crab-walk': 'travel',
  'thrust-chair-jump': 'speed',
  'one-leg-held': 'range',
};
