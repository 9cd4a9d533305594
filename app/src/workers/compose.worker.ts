/// <reference lib="webworker" />
import { catalogOf } from '@dray/core';
import { fitToTime, suggestPairings } from '@dray/core/late';
import type { ComposeAnswers, ComposeQuestion } from './compose';
import { replyWith } from './reply';

interface Asked {
  readonly kind: keyof ComposeAnswers;
  readonly question: ComposeQuestion;
}

/** Off the page's thread: every way of pairing, every way of being shorter. */
type Progress = (share: number) => void;
const ANSWERS: {
  [Kind in keyof ComposeAnswers]: (question: ComposeQuestion, progress: Progress) => ComposeAnswers[Kind];
} = {
  pairings: (question, progress) =>
    suggestPairings(question.session, {
      ...contextOf(question),
      onProgress: (share) => {
        progress(share);
        return true;
      },
    }) ?? [],
  fit: (question) => fitToTime(question.session, question.session.budgetMinutes, contextOf(question)),
};

function contextOf({ tier, own }: ComposeQuestion) {
  return { tier, catalog: catalogOf(own), timing: own.settings.timing };
}

replyWith(({ kind, question }: Asked, progress) => ANSWERS[kind](question, progress));
