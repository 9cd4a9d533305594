import { unsafeIn } from '../../testing/safety';
import { aloneIn, TWELVE, type Sample } from '../../testing/twelve';
import { startFrom, STARTING_SESSIONS } from '../compose/starting-sessions';
import { catalog } from '../library';
import type { ReadyCell } from '../resolve';
import { createResolver } from './index';

const WEEKS = 8;

/** All cells of a person over all sessions and weeks. */
function cellsOf(sample: Sample) {
  let ids = 0;
  return STARTING_SESSIONS.flatMap((start) => {
    const session = startFrom(start, catalog, () => `id${(ids += 1)}`);
    const document = aloneIn(sample, session, WEEKS);
    const resolver = createResolver();
    return Array.from({ length: WEEKS }, (_, week) =>
      resolver.card(document, {
        participantId: sample.participant.id,
        sessionId: session.id,
        week: week + 1,
      }),
    ).flatMap(({ cells }) => cells);
  });
}

const person = (id: string) => TWELVE.find(({ participant }) => participant.id.includes(id))!;
const readyOf = (id: string) =>
  cellsOf(person(id)).filter((cell): cell is ReadyCell => cell.status === 'ready');

describe('twelve people in the starting sessions over eight weeks', () => {
  for (const sample of TWELVE) {
    it(`keep within what they may do, and have something to do: ${sample.participant.name}`, () => {
      const cells = cellsOf(sample);
      expect(cells.flatMap((cell) => unsafeIn(cell, sample.participant))).toEqual([]);
      const left = cells.filter(({ status }) => status === 'leftOut').length;
      // Common practice, no published source: nobody trains a session with a tenth of it missing.
      expect(left / cells.length).toBeLessThan(0.1);
    });
  }

  it('84 and 48 kg: nothing unheld on a small base, nothing heavier than a full bottle', () => {
    for (const { version, load } of readyOf('84')) {
      expect(version.demands).withContext(version.name).not.toContain('unsteady');
      expect(load?.kg ?? 0)
        .withContext(version.name)
        .toBeLessThanOrEqual(4.2);
    }
  });

  it('160 kg: no load on a lunge or on one leg', () => {
    const onTop = readyOf('160').filter(
      ({ version, load }) => load && version.exercise.loading?.bodyShare !== undefined,
    );
    expect(onTop.map(({ version }) => version.name)).toEqual([]);
  });

  it('after surgery of the belly: nothing in the hands at all', () => {
    for (const { version, load } of readyOf('surgery'))
      expect(load).withContext(version.name).toBeUndefined();
  });

  it('late pregnancy: nothing on back or front, and no hold over 15 s but in balance', () => {
    for (const { version, work } of readyOf('late pregnancy')) {
      expect(version.demands).withContext(version.name).not.toContain('lyingBack');
      expect(version.demands).withContext(version.name).not.toContain('lyingFront');
      if (work.kind === 'hold' && version.exercise.pattern !== 'balance') {
        expect(work.amount).withContext(version.name).toBeLessThanOrEqual(15);
      }
    }
  });
});
