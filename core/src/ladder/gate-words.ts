import type { Gate } from '../model';

/** A gate as a coach says it: "3 × 12 with 2 left, on 2 visits". */
export function gateWords(gate: Gate): string {
  const work = gate.reps === undefined ? `${gate.seconds ?? 0} s` : String(gate.reps);
  const left = gate.reserve > 0 ? ` with ${gate.reserve} left` : '';
  return `${gate.sets} × ${work}${left}, on ${gate.visits} visits`;
}
