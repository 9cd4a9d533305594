import { aParticipant, everyProp, pairs, reps } from '../../testing/people';
import { ready, traceText } from '../../testing/reading';
import { asAsked, oneSlot, train, type DoneSet } from '../../testing/weeks';
import { gateStatus, prerequisitesReached } from '../ladder';
import { catalog, LIBRARY_LADDERS } from '../library';
import type { LogEntry, Participant } from '../model';
import { USUAL_SCHEMES } from '../progress/scheme-words';
import type { ReadyCell } from '../resolve';
import { movedKg } from '../strength';

const KIT = [...pairs(2, 4, 6, 8, 10), ...everyProp()];
const WEEKS = 12;
const asIs = (cell: ReadyCell): DoneSet => ({ amount: cell.work.amount, reserve: 3 });

function climb(
  ladderId: string,
  plan: Parameters<typeof oneSlot>[1],
  participant: Participant,
  done: (cell: ReadyCell, set: number) => DoneSet = asIs,
) {
  return train(oneSlot(ladderId, plan, USUAL_SCHEMES.rungFirst, participant, KIT), WEEKS, done);
}

/** The rungs of the weeks, each once, with the week they began in. */
function rungsOf(cells: ReturnType<typeof climb>['cells']): string[] {
  return [...new Set(cells.map((cell) => ready(cell).version.rung?.id ?? 'none'))];
}

describe('the harder version first', () => {
  it('goes up to what the gate asks, and on only when the gate is made', () => {
    const beginner = aParticipant({ tier: 'beginner' });
    const { cells, document } = climb('press-up', reps(3, 10), beginner);
    const amounts = cells.map((cell) => ready(cell).work.amount);
    // The gate at the wall is 3 × 15 with 2 left, on two visits.
    expect(amounts.slice(0, 4).map(Number)).toEqual([10, 12, 14, 15]);
    expect(ready(cells[3]).version.rung?.id).toBe('press-wall');
    cells.slice(1).forEach((cell, before) => {
      const was = ready(cells[before]);
      const now = ready(cell);
      const left = was.version.rung!;
      if (now.version.rung?.id === left.id) return;
      const log: LogEntry[] = document.log.filter(({ week }) => week < now.week);
      expect(gateStatus(left, log).missing).withContext(`week ${now.week}`).toEqual([]);
    });
  });

  it('begins the rung above with what the one below has shown to be there, and with no more than the plan asks', () => {
    const beginner = aParticipant({ tier: 'beginner', rungs: { 'press-up': 'press-counter' } });
    const { cells } = climb('press-up', reps(3, 10), beginner);
    const rung = (cell: ReadyCell) => cell.version.rung!.id;
    const at = cells.findIndex((cell) => rung(ready(cell)) !== 'press-counter');
    const [before, after] = [ready(cells[at - 1]), ready(cells[at])];
    const moved = ({ version: { exercise, levers } }: ReadyCell) => movedKg({}, exercise, levers, beginner)!;
    // Epley, by hand: what was made at the counter and was to be left there, as a maximum, and what the chair takes of it.
    expect(before.work.reserve).toBe(2);
    const most = moved(before) * (1 + (before.work.amount + before.work.reserve!) / 30);
    const able = Math.floor(30 * (most / moved(after) - 1)) - 2;
    expect(able).toBeLessThan(10);
    expect(after.work.amount).toBe(Math.max(5, able) as typeof after.work.amount);
    expect(traceText(after)).toContain('not 10');
    // From there it goes on as anything does.
    const next = ready(cells[at + 1]);
    expect(rung(next)).toBe(rung(after));
    expect(next.work.amount).toBeGreaterThan(after.work.amount);
  });

  it('never skips the rungs of other ladders: who presses at a wall does not come to dips', () => {
    const newcomer = aParticipant({ tier: 'beginner', rungs: { 'press-up': 'press-wall' } });
    const { cells } = climb('dip', reps(3, 10), newcomer);
    expect(rungsOf(cells)).toEqual(['dip-half']);
    expect(traceText(cells.at(-1))).toContain('another ladder');
  });

  it('waits for the point that has to be seen, and goes on when it was', () => {
    const beginner = aParticipant({ tier: 'beginner', rungs: { hinge: 'hinge-free' } });
    const unseen = climb('hinge', reps(3, 12), beginner);
    expect(rungsOf(unseen.cells)).toEqual(['hinge-free']);
    expect(traceText(unseen.cells.at(-1))).toContain('to see: the back stays straight');
    const seen = climb('hinge', reps(3, 12), beginner, (cell, set) => ({
      ...asAsked(cell, set),
      reserve: 3,
      seen: ['the back stays straight'],
    }));
    expect(rungsOf(seen.cells)).toContain('hinge-pair');
  });

  it('never stands on a rung whose ladders are not reached, on any ladder', () => {
    for (const { id } of LIBRARY_LADDERS) {
      for (const tier of ['beginner', 'intermediate'] as const) {
        const participant = aParticipant({ tier });
        for (const cell of climb(id, reps(3, 12), participant).cells) {
          if (cell.status !== 'ready' || cell.version.ladderId !== id || !cell.version.rung) continue;
          expect(prerequisitesReached(cell.version.rung, participant, catalog.ladders))
            .withContext(`${id}, ${cell.version.name}`)
            .toBeTrue();
        }
      }
    }
  });
});

describe('the order of ladders', () => {
  const rungs = (id: string) => catalog.ladders.get(id)!.rungs.map((rung) => rung.id);
  const before = (ladder: string, a: string, b: string) =>
    rungs(ladder).indexOf(a) < rungs(ladder).indexOf(b);

  it('has two arms before one, sliding before tapping, one leg before the load that grows without an end', () => {
    expect(before('floor-press', 'floor-press-pair', 'floor-press-one')).toBeTrue();
    expect(before('leg-lower', 'lower-slide', 'lower-tap')).toBeTrue();
    expect(before('hip-thrust', 'thrust-one-leg', 'thrust-loaded')).toBeTrue();
    expect(rungs('hinge')).not.toContain('hinge-bridge');
    expect(rungs('curl')).not.toContain('curl-hammer');
  });

  it('repeats no exercise at the same levers, on one ladder or across two of one pattern', () => {
    const seen = new Map<string, string>();
    for (const { id, pattern, rungs: all } of LIBRARY_LADDERS) {
      for (const rung of all) {
        const key = `${pattern} ${rung.exerciseId} ${JSON.stringify(rung.levers)}`;
        expect(seen.get(key)).withContext(`${id}, ${rung.name}`).toBeUndefined();
        seen.set(key, id);
      }
    }
  });

  it('lets nobody land before hops are held, nor hold a side plank or run on the hands before a plank', () => {
    const waits = (rungId: string) => catalog.rungById(rungId)!.prerequisites.map((wanted) => wanted.rungId);
    for (const id of ['thrust-chair-jump', 'thrust-floor-jump', 'star-jump'])
      expect(waits(id)).toContain('hop-small');
    for (const id of ['side-full', 'climb-floor', 'reach-hover']) expect(waits(id)).toContain('brace-floor');
  });
});
