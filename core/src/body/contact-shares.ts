import type { Bearing } from '../model';
import { jointStrength, type Body } from './joint-strength';
import { hardestOf, placedKeys, type Move } from './move';
import type { Placed } from './place';
import { towardsWall, upright } from './rest';
import { GRAVITY, staticsOf, type Load, type Statics } from './statics';

/** Where weight is borne. */
export type Contact = 'hands' | 'feet' | 'knees' | 'seat' | 'back';
export type ContactShares = Readonly<Record<Contact, number>>;
export type Moment = 'start' | 'hardest' | 'mean';

const CONTACT_OF: Readonly<Record<Bearing, Contact>> = {
  foot: 'feet',
  ball: 'feet',
  heel: 'feet',
  toe: 'feet',
  knee: 'knees',
  seat: 'seat',
  hipSide: 'seat',
  back: 'back',
  loins: 'back',
  shoulders: 'back',
  front: 'back',
  head: 'back',
  shoulderSide: 'back',
  palm: 'hands',
  fingers: 'hands',
  elbow: 'hands',
  forearm: 'hands',
  grip: 'hands',
};

/** Statics of a pose for a body: what is shared out rests on that body's own strength. */
export function staticsFor(placed: Placed, body: Body, loads: readonly Load[] = []): Statics {
  return staticsOf(placed, body, loads, (joint) => jointStrength(joint, 1, placed.view, body));
}

/**
 * What part of the body's weight is on the hands, feet, knees, seat and back: how hard each is pressed square to its surface, as a
 * share of body weight: what a force plate there would show.
 *
 * @param move the movement
 * @param body whose
 * @param at the first pose, the hardest, or half-way between both
 * @returns shares; together 1 where nothing is held and nothing stands against a wall
 * @example contactShares(pressUp({ hands: FLOOR }, 170), { massKg: 70, statureCm: 170 }, 'start').hands // about 0.68
 */
export function contactShares(move: Move, body: Body, at: Moment): ContactShares {
  const keys = placedKeys(move, body.statureCm);
  if (at === 'mean') {
    const [start, hardest] = [contactShares(move, body, 'start'), contactShares(move, body, 'hardest')];
    const mean = (contact: Contact) => (start[contact] + hardest[contact]) / 2;
    return {
      hands: mean('hands'),
      feet: mean('feet'),
      knees: mean('knees'),
      seat: mean('seat'),
      back: mean('back'),
    };
  }
  const placed = keys[at === 'start' ? 0 : hardestOf(move)];
  return placed ? sharesIn(placed, body) : NOTHING;
}
const NOTHING: ContactShares = { hands: 0, feet: 0, knees: 0, seat: 0, back: 0 };

/** The shares in one pose. */
export function sharesIn(placed: Placed, body: Body): ContactShares {
  const shares = { ...NOTHING };
  for (const { rest, x, y } of staticsFor(placed, body).forces) {
    const square = upright(rest.on) ? -towardsWall(rest.on) * x : y;
    shares[CONTACT_OF[rest.with]] += square / (body.massKg * GRAVITY);
  }
  return shares;
}
