/// <reference lib="webworker" />
import { catalogOf } from '@dray/core';
import { fitToTime, suggestPairings } from '@dray/core/late';
import type { ComposeAnswers, ComposeQuestion } from './compose';

interface Asked {
  readonly kind: keyof ComposeAnswers;
  readonly question: ComposeQuestion;
}

/** Off the page's thread: every way of pairing, every way of being shorter. */
const ANSWERS: { [Kind in keyof ComposeAnswers]: (question: ComposeQuestion) => ComposeAnswers[Kind] } = {
  pairings: (question) =>
    suggestPairings(question.session, {
      ...contextOf(question),
      onProgress: (progress) => {
        postMessage({ progress });
        return true;
      },
    }) ?? [],
  fit: (question) => fitToTime(question.session, question.session.budgetMinutes, contextOf(question)),
};

function contextOf({ tier, own }: ComposeQuestion) {
  return { tier, catalog: catalogOf(own), timing: own.settings.timing };
}

addEventListener('message', ({ data: { kind, question } }: MessageEvent<Asked>) => {
  postMessage({ result: ANSWERS[kind](question) });
});
