/** The questions, in our words; every answer but the last is yes or no. */
export const READINESS_QUESTIONS: readonly {
  readonly key: 'symptoms' | 'knownDisease' | 'active' | 'vigorous' | 'cleared';
  readonly question: string;
  readonly help: string;
}[] = [
  {
    key: 'symptoms',
    question: 'Any of these lately, at rest or with effort?',
    help: 'Pain or pressure in the chest, unusual breathlessness, dizziness or fainting, a racing or stumbling heart, swollen ankles, pain in the calf when walking.',
  },
  {
    key: 'knownDisease',
    question: 'Has a doctor named a disease of the heart or vessels, of the kidneys, or diabetes?',
    help: 'High blood pressure alone is noted under cautions.',
  },
  {
    key: 'active',
    question: 'Moving for half an hour, three days a week, for the last three months?',
    help: 'Brisk walking counts.',
  },
  {
    key: 'vigorous',
    question: 'Does the plan ask for hard effort?',
    help: 'Sets near the limit, or out of breath.',
  },
  {
    key: 'cleared',
    question: 'Has a clinician agreed to this training in the last year?',
    help: 'For this kind of effort, not in general.',
  },
];
