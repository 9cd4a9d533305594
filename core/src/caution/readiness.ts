import type { Readiness } from '../model';

export type ReadinessVerdict = 'clear' | 'startGently' | 'clinicianFirst' | 'symptoms';

export interface ReadinessAnswer {
  readonly verdict: ReadinessVerdict;
  /** Why, in a sentence. */
  readonly because: string;
}

/**
 * Clear to start, start gently, or see a clinician first. Symptoms stop all effort until a clinician has agreed; known disease leads
 * there whoever is not active, or wants hard effort, until one has agreed; whoever is not active starts gently.
 *
 * Source: the logic of the ACSM statement on screening before exercise, Riebe et al. 2015 (from memory). It is no
 * diagnosis; clinicians and local rules come first.
 */
export function readinessOf({
  symptoms,
  knownDisease,
  active,
  vigorous,
  cleared,
}: Readiness): ReadinessAnswer {
  if (symptoms && !cleared) {
    return {
      verdict: 'symptoms',
      because: 'With such signs a clinician comes first, and nothing is trained until then.',
    };
  }
  if (knownDisease && !cleared && !active) {
    return {
      verdict: 'clinicianFirst',
      because: 'With a known disease and little movement so far, a clinician comes first.',
    };
  }
  if (knownDisease && !cleared && vigorous) {
    return {
      verdict: 'clinicianFirst',
      because: 'With a known disease, hard effort waits for a clinician’s word.',
    };
  }
  if (knownDisease && active) {
    return {
      verdict: cleared ? 'clear' : 'startGently',
      because: cleared
        ? 'A clinician has agreed.'
        : 'With a known disease and no signs, moderate effort goes on as before.',
    };
  }
  if (!active) {
    return {
      verdict: 'startGently',
      because: 'Little movement so far: light to moderate, and more over weeks.',
    };
  }
  return symptoms
    ? { verdict: 'clear', because: 'A clinician has looked at the signs and agreed.' }
    : { verdict: 'clear', because: 'No signs, no known disease, used to moving.' };
}
