import { catalog } from '../library';
import type { LogEntry } from '../model';
import { gateStatus } from './gate-status';
import { gateWords } from './gate-words';

const rung = catalog.rungById('squat-free')!;
const entry = (date: string, set: number, amount: number, part: Partial<LogEntry> = {}): LogEntry => ({
  id: `${date}-${set}`,
  participantId: 'p',
  sessionId: 's',
  slotId: 'x',
  week: 1,
  date,
  exerciseId: rung.exerciseId,
  rungId: rung.id,
  set,
  amount,
  counted: 'reps',
  reserve: 3,
  ...part,
});
const visit = (date: string, amount: number, sets = rung.gate.sets) =>
  Array.from({ length: sets }, (_, at) => entry(date, at + 1, amount));
const wanted = rung.gate.reps!;

describe('gateStatus', () => {
  it('opens after so many sets on so many visits', () => {
    expect(gateStatus(rung, [...visit('2026-11-03', wanted), ...visit('2026-11-06', wanted + 1)])).toEqual({
      open: true,
      visits: 2,
      missing: [],
    });
  });

  it('says in words what is missing', () => {
    expect(gateStatus(rung, []).missing).toEqual([`${gateWords(rung.gate)}; nothing logged yet`]);
    expect(gateStatus(rung, visit('2026-11-03', wanted - 2)).missing[0]).toContain(
      `a set of ${wanted} with ${rung.gate.reserve} left, the best so far is ${wanted - 2}`,
    );
    const once = gateStatus(rung, visit('2026-11-03', wanted));
    expect(once).toEqual({ open: false, visits: 1, missing: ['1 more visit like that'] });
    const fewSets = gateStatus(rung, visit('2026-11-03', wanted, 1));
    expect(fewSets.missing[0]).toBe(`${rung.gate.sets} sets of ${wanted} in one visit, 1 so far`);
  });

  it('does not count sets with too little left, other rungs, or seconds for reps', () => {
    const hard = visit('2026-11-03', wanted).map((set) => ({ ...set, reserve: 0 }));
    expect(gateStatus(rung, hard).visits).toBe(0);
    const other = visit('2026-11-03', wanted).map((set) => ({ ...set, rungId: 'squat-seat' }));
    expect(gateStatus(rung, other).visits).toBe(0);
    const timed = visit('2026-11-03', wanted).map((set) => ({ ...set, counted: 'seconds' as const }));
    expect(gateStatus(rung, timed).visits).toBe(0);
  });

  it('counts only what was clean: form held, no pain, something left however it was said, both sides', () => {
    const twice = (part: Partial<LogEntry>) =>
      gateStatus(
        rung,
        [...visit('2026-11-03', wanted), ...visit('2026-11-06', wanted)].map((set) => ({ ...set, ...part })),
      );
    expect(twice({}).open).toBeTrue();
    expect(twice({ form: 'lost' }).visits).toBe(0);
    expect(twice({ pain: { place: 'knee', score: 2 } }).visits).toBe(0);
    expect(twice({ reserve: undefined, left: 'nothing' }).visits).toBe(0);
    expect(twice({ reserve: undefined, left: 'some' }).visits).toBe(2);
    const sides = (right: number) =>
      ['2026-11-03', '2026-11-06'].flatMap((date) =>
        visit(date, wanted).flatMap((set) => [
          { ...set, id: `${set.id} l`, side: 'left' as const },
          { ...set, id: `${set.id} r`, side: 'right' as const, amount: right },
        ]),
      );
    expect(gateStatus(rung, sides(wanted)).open).toBeTrue();
    expect(gateStatus(rung, sides(wanted - 3)).visits).toBe(0);
  });

  it('waits for the points that have to be seen', () => {
    const stand = catalog.rungById('stand-one')!;
    const held = ['2026-11-03', '2026-11-06'].flatMap((date) =>
      [1, 2].map((set) => entry(date, set, 40, { rungId: stand.id, counted: 'seconds' })),
    );
    expect(gateStatus(stand, held).missing).toEqual(['to see: no touch']);
    const [first, ...rest] = held;
    expect(gateStatus(stand, [{ ...first!, seen: ['no touch'] }, ...rest]).open).toBeTrue();
  });
});
