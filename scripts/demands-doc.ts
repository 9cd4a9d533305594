// docs/demands.md: what every exercise asks of a body, and what every condition makes of it, for a clinician to read.
import {
  catalog,
  CAUTION_RULES,
  DEMAND_WORDS,
  LEVERS,
  LIFT_BASIS,
  PATTERN_WORDS,
  SUBJECT_WORDS,
  type CautionRule,
  type CautionSubject,
  type Demand,
  type Exercise,
} from '@dray/core';

const ACTIONS: Record<CautionRule['action']['kind'], string> = {
  block: 'not at all',
  adapt: 'made easier',
  holdOn: 'holding on',
  ease: 'held down',
  warn: 'said',
};

const SPECIAL: Partial<Record<CautionRule['demand'], string>> = {
  held: 'anything done with a load',
  effort: 'all but loosening up and balance',
  anything: 'everything',
};

function demandWords(demand: CautionRule['demand']): string {
  return SPECIAL[demand] ?? DEMAND_WORDS[demand as Demand];
}

function actionWords({ action }: CautionRule): string {
  switch (action.kind) {
    case 'adapt': {
      const { name, unit, harder } = LEVERS[action.lever];
      return `${ACTIONS.adapt}: ${name} ${harder === 'up' ? 'at most' : 'at least'} ${action.limit} ${unit}`;
    }
    case 'ease': {
      const left = action.reserveAtLeast === undefined ? '' : `${action.reserveAtLeast} left`;
      const held =
        action.holdAtMostSeconds === undefined ? '' : `holds ${action.holdAtMostSeconds} s at most`;
      return `${ACTIONS.ease}: ${[left, held].filter(Boolean).join(', ')}`;
    }
    default:
      return ACTIONS[action.kind];
  }
}

function easedWords({ easedBy = [] }: Exercise): string {
  return easedBy
    .map(({ demand, lever, at }) => {
      const { name, unit, harder } = LEVERS[lever];
      return `no ${DEMAND_WORDS[demand]} where the ${name} is ${harder === 'up' ? 'up to' : 'from'} ${at} ${unit}`;
    })
    .join('; ');
}

function exerciseRow(exercise: Exercise): string {
  const { name, demands, demandsLoaded, handsBusy } = exercise;
  const words = (list: readonly Demand[]) => list.map((demand) => DEMAND_WORDS[demand]).join(', ') || '–';
  const notes = [easedWords(exercise), handsBusy ? 'cannot be done holding on' : '']
    .filter(Boolean)
    .join('; ');
  return `| ${name} | ${words(demands)} | ${words(demandsLoaded)} | ${notes || '–'} |`;
}

/** The whole document, as markdown. */
export function demandsDocument(): string {
  const exercises = [...catalog.exercises.values()];
  const patterns = [...new Set(exercises.map(({ pattern }) => pattern))];
  const subjects = [...new Set(CAUTION_RULES.map(({ condition }) => condition))];
  const lines = [
    '# What is asked of a body, and what a condition makes of it',
    '',
    'Made from the code by `npm run generate`; do not edit it here. These are usual cautions, not medical advice: clinicians and local rules come first. “From memory” marks a source that was not looked up again.',
    '',
    '## Conditions',
    '',
    'First a version is *made easier* or done *holding on* until no line asks for more; then what is forbidden *not at all* is left out; then effort is *held down*, and the rest is *said*. The order in which conditions were entered makes no difference.',
    '',
    ...subjects.flatMap((subject: CautionSubject) => [
      `### ${capital(SUBJECT_WORDS[subject])}`,
      '',
      '| meets | what is done | said to the person | source |',
      '| --- | --- | --- | --- |',
      ...CAUTION_RULES.filter(({ condition }) => condition === subject).map(
        (rule) => `| ${demandWords(rule.demand)} | ${actionWords(rule)} | ${rule.words} | ${rule.source} |`,
      ),
      '',
    ]),
    '## Exercises',
    '',
    'Read movement by movement; common practice, no published source.',
    '',
    ...patterns.flatMap((pattern) => [
      `### ${capital(PATTERN_WORDS[pattern])}`,
      '',
      '| exercise | asks | with a load also | but |',
      '| --- | --- | --- | --- |',
      ...exercises.filter((exercise) => exercise.pattern === pattern).map(exerciseRow),
      '',
    ]),
    '## Strength carried over',
    '',
    'What the ratios between exercises rest on, lift by lift.',
    '',
    ...Object.entries(LIFT_BASIS).map(([lift, words]) => `- **${lift}**: ${words}`),
    '',
  ];
  return lines.join('\n');
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
