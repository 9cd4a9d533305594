import {
  applyCautions,
  cautionSubjects,
  ownedFrom,
  rankSubstitutes,
  type Catalog,
  type Condition,
  type Kit,
  type Participant,
  type RankedSubstitute,
  type Version,
} from '@dray/core';

const MOST_SHOWN = 8;
/** What a version is worth beside one that is loaded as it should be: it can be done, with less to grow by. Common practice. */
const FIT_WITHOUT_LOAD = 0.4;

/** Who does it, and with what. */
interface SubstitutesFor {
  readonly catalog: Catalog;
  readonly kits: readonly Kit[];
  /** Everybody where it is not said. */
  readonly person: Participant | undefined;
  /** The person's own kit, or every thing there is, where it is empty. */
  readonly kitId: string;
  /** Cautions to keep beside the person's own. */
  readonly conditions: readonly Condition[];
}

/** What comes nearest to a version and can be done with these cautions and this kit, best first. */
export function substitutesFor(version: Version, of: SubstitutesFor): readonly RankedSubstitute[] {
  const { catalog, person, kitId, conditions } = of;
  const kits = of.kits.filter(({ id }) => (kitId === '' ? person?.kitIds.includes(id) : id === kitId));
  const limited = person !== undefined || kitId !== '';
  const owned = ownedFrom(kits, person);
  const subjects = [...new Set([...(person ? cautionSubjects(person) : []), ...conditions])];
  const holds = ({ exercise: { loading } }: Version) =>
    !limited || (loading?.holds ?? []).some((hold) => owned.loads(hold, loading?.band).length > 0);
  const ranked = rankSubstitutes(version, {
    catalog,
    tier: 'advanced',
    allowed: (candidate) => {
      const verdict = applyCautions(candidate, subjects, catalog);
      if (verdict.kind === 'blocked') return undefined;
      if (limited && owned.missing(verdict.version.needs).length > 0) return undefined;
      return candidate.exercise.loading?.required && !holds(candidate) ? undefined : verdict.version;
    },
    loadFit: (candidate) => (candidate.exercise.loading && holds(candidate) ? 1 : FIT_WITHOUT_LOAD),
  });
  // A rung and its copy on the coach's own ladder are one thing to do.
  const thing = ({ exercise, name }: Version) => `${exercise.id} ${name}`;
  const seen = new Set([thing(version)]);
  return ranked
    .filter(({ version: candidate }) => !seen.has(thing(candidate)) && seen.add(thing(candidate)))
    .slice(0, MOST_SHOWN);
}
