import type { Focus, Session } from '../model';
import type { Catalog } from '../ladder';
import { parseSession } from './session-parse';

/** A session to begin from, in the shorthand coaches type. */
export interface StartingSession {
  readonly focus: Focus;
  readonly text: string;
}

const LEGS_DOWN = `Cool-down
- Quad stretch: 1 × 30 s each side
- Hamstring stretch: 1 × 30 s each side`;
const UPPER_DOWN = `Cool-down
- Chest stretch: 1 × 30 s
- Cross-body shoulder stretch: 1 × 30 s each side`;

/** Sessions of our own design, none of which a colleague would have a word against. */
export const STARTING_SESSIONS: readonly StartingSession[] = [
  {
    focus: 'wholeBody',
    text: `# Whole body, 20 minutes (20 min)
Warm-up
- March on the spot: 1 × 60 s
- Arm circles: 1 × 30 s
Superset, rest 45 s
- Squat: 3 × 10, 3 left | 3 × 10, 2 left | 3 × 8, 1 left
- Row: 3 × 8 each side, 3 left | 3 × 8 each side, 2 left | 3 × 8 each side, 1 left
Superset, rest 45 s
- Hinge: 2 × 10, 3 left | 3 × 10, 2 left | 3 × 8, 1 left
- Overhead press: 2 × 10, 3 left | 3 × 10, 2 left | 3 × 8, 1 left
Superset, rest 30 s
- Push-up: 2 × 6–10, 2 left
- Plank: 2 × hold 20 s
Cool-down
- Chest stretch: 1 × 30 s`,
  },
  {
    focus: 'wholeBody',
    text: `# Whole body, 30 minutes (30 min)
Warm-up
- March on the spot: 1 × 60 s
- Arm circles: 1 × 30 s
- Reach and bow: 1 × 30 s
Superset, rest 60 s
- Squat: 3 × 12, 3 left | 4 × 10, 2 left | 4 × 6–8, 1 left
- Row: 3 × 10 each side, 3 left | 4 × 10 each side, 2 left | 4 × 8 each side, 1 left
Superset, rest 60 s
- Hinge: 3 × 12, 3 left | 3 × 10, 2 left | 3 × 8, 1 left
- Overhead press: 3 × 10, 3 left | 3 × 10, 2 left | 3 × 8, 1 left
Superset, rest 45 s
- Push-up: 3 × 8–12, 2 left
- Crunch: 3 × 10
Finisher
- Jumping jack / March on the spot: 1 × 30 s | 2 × 30 s | 2 × 40 s
${LEGS_DOWN}`,
  },
  {
    focus: 'lower',
    text: `# Lower body (30 min)
Warm-up
- March on the spot: 1 × 60 s
- Hip circles: 1 × 30 s
- Reach and bow: 1 × 30 s
Straight sets, rest 75 s
- Squat: 2 × 12, 3 left | 3 × 10, 2 left | 3 × 6–8, 1 left
Superset, rest 60 s
- Single-leg deadlift: 2 × 8 each side, 3 left | 2 × 8 each side, 2 left | 3 × 8 each side, 1 left
- Calf raise: 3 × 15, 2 left
Straight sets, rest 60 s
- Bridge and hip thrust: 3 × 8–12, 2 left
Straight sets, rest 45 s
- Leg curl: 2 × 8–12, 2 left
${LEGS_DOWN}`,
  },
  {
    focus: 'upperPush',
    text: `# Upper body, pushing (25 min)
Warm-up
- Arm circles: 1 × 45 s
- Shoulder rolls: 1 × 30 s
Straight sets, rest 60 s
- Push-up: 3 × 8–12, 2 left
Superset, rest 60 s
- Overhead press: 2 × 10, 3 left | 3 × 10, 2 left | 3 × 8, 1 left
- Calf raise: 2 × 15, 2 left
Straight sets, rest 45 s
- Lateral raise: 2 × 12, 3 left
Straight sets, rest 45 s
- Triceps extension: 3 × 10–15, 2 left
${UPPER_DOWN}`,
  },
  {
    focus: 'upperPull',
    text: `# Upper body, pulling (30 min)
Warm-up
- Arm circles: 1 × 45 s
- Shoulder rolls: 1 × 30 s
Straight sets, rest 60 s
- Row: 3 × 10 each side, 2 left | 3 × 10 each side, 2 left | 3 × 8 each side, 1 left
Superset, rest 45 s
- Band pull-apart: 3 × 12–15, 2 left
- Biceps curl: 3 × 10, 2 left
Straight sets, rest 30 s
- Bird dog: 2 × 8 each side
- Prone raise: 3 × 10
Cool-down
- Triceps stretch: 1 × 30 s each side
- Side bend stretch: 1 × 30 s each side`,
  },
  {
    focus: 'arms',
    text: `# Arms (20 min)
Warm-up
- Shoulder rolls: 1 × 30 s
- Wrist and elbow circles: 1 × 30 s
- Arm circles: 1 × 30 s
Straight sets, rest 60 s
- Overhead press: 2 × 10, 2 left
Superset, rest 45 s
- Biceps curl: 3 × 10–12, 2 left
- Overhead triceps extension: 3 × 10–12, 2 left
Superset, rest 30 s
- Front raise: 2 × 12, 2 left
- Hammer curl: 2 × 12, 2 left, 3-1-1
Cool-down
- Cross-body shoulder stretch: 1 × 30 s each side
- Forearm stretch: 1 × 20 s each side`,
  },
  {
    focus: 'trunk',
    text: `# Trunk (20 min)
Warm-up
- Trunk twist: 1 × 45 s
- Standing cat-cow: 1 × 45 s
- Reach and bow: 1 × 30 s
Straight sets, rest 45 s
- Hinge: 2 × 12, 3 left
Straight sets, rest 20 s
- Side plank: 2 × hold 15 s each side
Tri-set, rest 30 s, between 10 s
- Plank: 3 × hold 20 s
- Crunch: 3 × 8–12, 2 left
- Bird dog: 3 × 6 each side
Cool-down
- Side bend stretch: 1 × 30 s each side
- Hip flexor stretch: 1 × 30 s each side`,
  },
  {
    focus: 'balance',
    text: `# Balance (20 min)
Warm-up
- March on the spot: 1 × 60 s
- Ankle circles: 1 × 30 s each side
Balance, rest 20 s
- Standing balance: 3 × hold 20 s each side
Straight sets, rest 30 s
- Calf raise: 3 × 12, 2 left
Balance, rest 20 s
- Balance in motion: 4 × 30 s
Straight sets, rest 30 s
- Toe raise: 2 × 15, 2 left
Straight sets, rest 20 s
- Hip opening: 2 × 10 each side, 2 left
Cool-down
- Calf stretch: 1 × 30 s each side`,
  },
  {
    focus: 'posture',
    text: `# Posture (20 min)
Warm-up
- Arm circles: 1 × 45 s
- Trunk twist: 1 × 45 s
Straight sets, rest 60 s
- Row: 3 × 10 each side, 2 left | 3 × 10 each side, 2 left | 3 × 8 each side, 1 left
Circuit, rest 30 s, between 10 s
- Posture at the wall: 3 × 10
- Standing balance: 2 × hold 20 s each side
Straight sets, rest 30 s
- Bird dog: 2 × 8 each side
- Prone raise: 2 × 10
Cool-down
- Chest stretch: 1 × 30 s`,
  },
  {
    focus: 'wholeBody',
    text: `# One dumbbell (30 min)
Warm-up
- March on the spot: 1 × 60 s
- Arm circles: 1 × 30 s
Superset, rest 45 s
- Goblet squat: 2 × 10, 3 left | 3 × 10, 2 left | 3 × 12, 1 left
- Single-arm row: 2 × 10 each side, 3 left | 3 × 10 each side, 2 left | 3 × 12 each side, 1 left
Superset, rest 45 s
- Single-leg deadlift: 2 × 8 each side, 3 left | 2 × 8 each side, 2 left | 2 × 10 each side, 1 left
- Single-arm overhead press: 2 × 8 each side, 3 left | 2 × 8 each side, 2 left | 3 × 8 each side, 1 left
Superset, rest 45 s
- Single-arm chest press: 3 × 8 each side, 2 left
- Crunch: 3 × 10
Cool-down
- Quad stretch: 1 × 30 s each side`,
  },
  {
    focus: 'wholeBody',
    text: `# Bands only (25 min)
Warm-up
- March on the spot: 1 × 60 s
- Arm circles: 1 × 30 s
Superset, rest 45 s
- Band squat: 2 × 12, 3 left | 3 × 10, 2 left | 3 × 12, 1 left
- Standing band row: 2 × 12, 3 left | 3 × 10, 2 left | 3 × 12, 1 left
Superset, rest 45 s
- Band pull-through: 2 × 12, 2 left
- Band chest press: 3 × 12, 2 left
Superset, rest 45 s
- Band pull-apart: 2 × 15, 2 left
- Calf raise: 2 × 12, 2 left
Straight sets, rest 30 s
- Anti-rotation press: 2 × 8 each side, 2 left
Cool-down
- Chest stretch: 1 × 30 s`,
  },
];

/**
 * A starting session as the coach's own, with ids of its own.
 *
 * @throws Error when the catalog lacks what ships
 */
export function startFrom(start: StartingSession, catalog: Catalog, newId: () => string): Session {
  const base = { id: newId(), name: 'New session', budgetMinutes: 30 };
  const { session, problems } = parseSession(start.text, catalog, { newId, base });
  if (problems[0]) throw new Error(problems[0].sentence);
  return { ...session, focus: start.focus };
}

/** What a starting session is called. */
export function startName({ text }: StartingSession): string {
  return /^#\s*(.*?)\s*\(/u.exec(text)?.[1] ?? '';
}
