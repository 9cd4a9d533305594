import { buildCatalog, LIBRARY_EXERCISES, LIBRARY_LADDERS, moveClass, type DrayDocument } from '@dray/core';
import { recoveryConflicts, sessionEffort } from '@dray/core/late';
import { boatyard } from '@dray/demo';
import { calendarOf } from './calendar';
import { effortRamp } from './effort-ramp';

const catalog = buildCatalog(LIBRARY_EXERCISES, LIBRARY_LADDERS);
const about = { tier: 'intermediate', catalog } as const;

describe('calendarOf', () => {
  /** The boatyard’s program from Monday 2 November 2026 on: Tuesdays and Fridays, with what differs. */
  function calendar(document: DrayDocument, without: readonly string[] = []) {
    const program = document.programs[0]!;
    const sessions = document.sessions.filter(({ id }) => !without.includes(id));
    const ramps = new Map(
      sessions.map((session) => {
        const full = effortRamp(sessionEffort(session, about));
        return [
          session.id,
          { full, lighter: effortRamp(sessionEffort(session, { ...about, lighter: true })) },
        ];
      }),
    );
    const weeks = calendarOf(program, {
      document: { ...document, sessions },
      today: '2026-11-25',
      presentWeek: 4,
      weekdays: [1, 2, 3, 4, 5, 6, 7],
      conflicts: recoveryConflicts(document, program, about),
      ramps,
    });
    const day = (date: string) => weeks.flatMap(({ days }) => days).find((own) => own.date === date)!;
    return { program, weeks, day };
  }

  /** Fewer classes in the third week than in the others. */
  const shortThird: DrayDocument = {
    ...boatyard,
    programs: boatyard.programs.map((program) => ({
      ...program,
      startDate: '2026-11-02',
      weeks: program.weeks.map((week) => (week.week === 3 ? { ...week, days: [] } : week)),
    })),
  };

  it('has each class on its day, what is over and what is now', () => {
    const { weeks, day } = calendar(shortThird);
    expect(weeks.map(({ present }) => present).indexOf(true)).toBe(3);
    expect(day('2026-11-03').classes.map(({ session }) => session.id)).toEqual(['tuesday']);
    expect([day('2026-11-03').past, day('2026-11-25').today, day('2026-11-26').past]).toEqual([
      true,
      true,
      false,
    ]);
    expect(day('2026-11-17').classes).toEqual([]);
  });

  it('knows a class that was moved into another week by its own, where it was planned: it is not beside the plan', () => {
    const { day } = calendar(moveClass(shortThird, { sessionId: 'friday', week: 2, nth: 1 }, '2026-11-16'));
    expect(day('2026-11-13').classes).toEqual([]);
    const [moved] = day('2026-11-16').classes;
    expect(moved).toEqual(jasmine.objectContaining({ week: 2, own: true, extra: false }));
  });

  it('says of both what comes too soon after the other', () => {
    const { day } = calendar(moveClass(shortThird, { sessionId: 'friday', week: 2, nth: 1 }, '2026-11-11'));
    expect(day('2026-11-10').classes[0]!.conflict).toContain('24 h');
    expect(day('2026-11-11').classes[0]!.conflict).toContain('24 h');
  });

  it('shows no class of a session that is gone', () => {
    const { day } = calendar(shortThird, ['friday']);
    expect(day('2026-11-06').classes).toEqual([]);
    expect(day('2026-11-03').classes.length).toBe(1);
  });
});
