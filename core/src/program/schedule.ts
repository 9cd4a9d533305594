import type { DrayDocument, Program, Scheme, Slot } from '../model';

/** Weeks shown for a session that stands in no program. */
export const DEFAULT_WEEKS = 4;

/** Where neither the slot nor a program says how work grows. */
export const DEFAULT_SCHEME: Scheme = { kind: 'repsThenLoad', stepReps: 2, capPercent: 10 };

/** The program a session stands in, the first one if there are several. */
export function programOf(document: DrayDocument, sessionId: string): Program | undefined {
  return document.programs.find(({ weeks }) =>
    weeks.some(({ sessionIds }) => sessionIds.includes(sessionId)),
  );
}

/** How many weeks a session runs. */
export function weeksOf(document: DrayDocument, sessionId: string): number {
  return programOf(document, sessionId)?.weeks.length ?? DEFAULT_WEEKS;
}

/** How a slot grows: its own scheme, else the program's. */
export function schemeOf(slot: Slot, program: Program | undefined): Scheme {
  return slot.scheme ?? program?.scheme ?? DEFAULT_SCHEME;
}
