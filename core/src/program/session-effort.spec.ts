import { boatyard } from '@dray/demo';
import { aSlot, reps } from '../../testing/people';
import { STARTING_SESSIONS, startFrom } from '../compose';
import { catalog } from '../library';
import type { Block, BlockKind, Prescription, Session, Slot } from '../model';
import { sessionTimeline } from '../plan';
import { percentOfMax } from '../strength';
import { sessionEffort, type SessionEffort } from './session-effort';

const about = { tier: 'intermediate' as const, catalog };

function sessionOf(
  ...blocks: readonly { readonly kind: BlockKind; readonly slots: readonly Slot[] }[]
): Session {
  return {
    id: 'one',
    name: 'One',
    budgetMinutes: 40,
    blocks: blocks.map(({ kind, slots }, at): Block => ({
      id: `b${at}`,
      kind,
      restSeconds: 60,
      slots: [...slots],
    })),
  };
}

const straight = (ladderId: string, prescription: Prescription) =>
  sessionOf({ kind: 'straight', slots: [aSlot(ladderId, prescription)] });
const only = ({ steps }: SessionEffort) => {
  expect(steps.length).toBe(1);
  return steps[0]!.effort;
};
const starts = STARTING_SESSIONS.map((start) => {
  let made = 0;
  return startFrom(start, catalog, () => `id-${made++}`);
});
/** Effort over the whole time. */
const meanOf = ({ steps, totalSeconds }: SessionEffort) =>
  steps.reduce((sum, { start, end, effort }) => sum + effort * (end - start), 0) / totalSeconds;

describe('how hard a session is over its time', () => {
  it('falls by a tenth of all with each repetition left (Zourdos et al. 2016: effort is ten less what is left)', () => {
    const left = (inReserve: number) =>
      only(
        sessionEffort(
          straight('squat', { ...reps(3, 10), target: { kind: 'reserve', reps: inReserve } }),
          about,
        ),
      );
    expect(left(1) / left(0)).toBeCloseTo(0.9, 6);
    expect(left(4) / left(0)).toBeCloseTo(0.6, 6);
    const told = only(
      sessionEffort(straight('squat', { ...reps(3, 10), target: { kind: 'effort', effort: 8 } }), about),
    );
    expect(told).toBeCloseTo(left(2), 9);
  });

  it('reads a percentage by the reps it allows (Haff & Triplett, load chart: ten at 75 %, printed in whole percents)', () => {
    const asked = (amount: number, target: Prescription['target']) =>
      only(sessionEffort(straight('squat', { ...reps(3, amount), target }), about));
    const percent: Prescription['target'] = { kind: 'percent', percent: percentOfMax(10) };
    expect(Math.round(percentOfMax(10))).toBe(75);
    expect(asked(10, percent)).toBeCloseTo(asked(10, { kind: 'reserve', reps: 0 }), 9);
    expect(asked(7, percent)).toBeCloseTo(asked(7, { kind: 'reserve', reps: 3 }), 9);
  });

  it('is more for many joints than for one small muscle, and least for balance and posture (common practice)', () => {
    const prescription: Prescription = { ...reps(3, 10), target: { kind: 'reserve', reps: 2 } };
    const [squat, curl, balance] = ['squat', 'curl', 'balance'].map((ladderId) =>
      only(sessionEffort(straight(ladderId, prescription), about)),
    );
    expect(squat).toBeGreaterThan(curl!);
    expect(curl).toBeGreaterThan(balance!);
  });

  it('is one step for what is done in turn, and harder there for the rest it leaves out (common practice)', () => {
    const slots = (): Slot[] => [
      { ...aSlot('squat', reps(3, 10)), id: 'a' },
      { ...aSlot('row', reps(3, 10)), id: 'b' },
    ];
    const apart = sessionEffort(sessionOf({ kind: 'straight', slots: slots() }), about);
    const inTurn = sessionEffort(sessionOf({ kind: 'superset', slots: slots() }), about);
    expect(apart.steps.length).toBe(2);
    expect(only(inTurn)).toBeGreaterThan(meanOf(apart));
  });

  it('lasts as long as the timeline and stays between 0 and 1, for every session that ships', () => {
    const sessions = [...boatyard.sessions, ...starts];
    for (const session of sessions) {
      const { steps, totalSeconds, sets } = sessionEffort(session, about);
      expect(totalSeconds).toBe(sessionTimeline(session, about, catalog).totalSeconds);
      expect(sets).withContext(session.name).toBeGreaterThan(0);
      steps.forEach(({ start, end, effort }, at) => {
        expect(end).toBeGreaterThan(start);
        expect(start).toBeGreaterThanOrEqual(steps[at - 1]?.end ?? 0);
        expect(end).toBeLessThanOrEqual(totalSeconds);
        expect(effort).toBeGreaterThan(0);
        expect(effort).toBeLessThanOrEqual(1);
      });
    }
  });

  it('tells a posture day from a whole-body one, and a lighter week by its fewer sets', () => {
    const [tuesday] = boatyard.sessions;
    const posture = starts.find(({ focus }) => focus === 'posture')!;
    const full = sessionEffort(tuesday!, about);
    expect(meanOf(sessionEffort(posture, about))).toBeLessThan(meanOf(full));
    const lighter = sessionEffort(tuesday!, { ...about, lighter: true });
    expect(lighter.sets).toBeLessThan(full.sets);
    expect(lighter.totalSeconds).toBeLessThan(full.totalSeconds);
  });
});
