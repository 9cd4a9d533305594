/// <reference lib="webworker" />
import { catalogOf, type LogEntry } from '@dray/core';
import { logFromCsv, logToCsv, previewLogCsv } from '@dray/core/late';
import { DrayDb } from '../data/dray-db';
import { addLog, readLog } from '../data/log-days';
import type { LogCsvAnswers, LogCsvQuestion } from './log-csv';
import { replyWith } from './reply';

const PROBLEMS_SHOWN = 100;

let text = '';
let read: readonly LogEntry[] = [];

/** Off the page's thread: reading, checking and keeping a log of any length; nothing is kept before it is asked for. */
async function answer(
  question: LogCsvQuestion,
  progress: (share: number) => void,
): Promise<LogCsvAnswers[LogCsvQuestion['kind']]> {
  switch (question.kind) {
    case 'look':
      text = await question.file.text();
      return previewLogCsv(text);
    case 'read': {
      const { document, unit, mapping, dateOrder } = question;
      const { entries, problems } = logFromCsv(text, {
        mapping,
        dateOrder,
        unit,
        document,
        catalog: catalogOf(document),
        newId: shortIds(),
        onProgress: progress,
      });
      read = entries;
      const dates = entries.map(({ date }) => date);
      return {
        good: entries.length,
        bad: problems.length,
        problems: problems.slice(0, PROBLEMS_SHOWN),
        people: new Set(entries.map(({ participantId }) => participantId)).size,
        from: dates.reduce((first, date) => (date < first ? date : first), dates[0] ?? ''),
        to: dates.reduce((last, date) => (date > last ? date : last), ''),
      };
    }
    case 'keep': {
      const db = new DrayDb();
      await db.transaction('rw', db.days, () => addLog(db.days, read, progress));
      db.close();
      return { kept: read.length };
    }
    case 'write': {
      const db = new DrayDb();
      const log = await readLog(db.days, '');
      db.close();
      return new Blob([logToCsv(log, question.document, question.unit)], { type: 'text/csv' });
    }
  }
}

/** Ids of one import: a million of the usual length are as much again to keep as their sets. */
function shortIds(): () => string {
  const batch = crypto.randomUUID().slice(-12);
  let made = 0;
  return () => `${batch}.${(made += 1).toString(36)}`;
}

replyWith(answer);
