import { boatyardInWeekFive } from '@dray/demo/week-five';
import { createResolver } from '../program';
import { reviewClass } from '../review';
import { amountOf } from '../model';
import { catalog } from '../library';
import type { StrengthEstimate } from '../strength';
import { formatHeld } from '../units';
import {
  amountWords,
  basisWords,
  leftOutWords,
  marksOf,
  reasonWords,
  traceWords,
  type Reason,
} from './index';

const document = boatyardInWeekFive;
const resolver = createResolver();
const boards = document.sessions.flatMap(({ id: sessionId }) =>
  [1, 2, 3, 4, 5].map((week) => resolver.board(document, { sessionId, week })),
);
const cells = boards.flatMap(({ rows }) => rows.flatMap((row) => row.cells));
const proposals = document.sessions.flatMap(({ id: sessionId }) =>
  [1, 2, 3, 4].flatMap((week) => reviewClass(document, { sessionId, week }, resolver)),
);

describe('a reason', () => {
  it('is a sentence when it is read, in either unit', () => {
    const reasons: Reason[] = [
      ...cells.flatMap(({ trace }) => trace),
      ...proposals.flatMap((proposal) => [...proposal.reasons, ...(proposal.otherWay?.reasons ?? [])]),
    ];
    expect(new Set(reasons.map(({ kind }) => kind)).size).toBeGreaterThan(25);
    for (const reason of reasons) {
      const sentence = reasonWords(reason, 'kg');
      expect(sentence)
        .withContext(reason.kind)
        .toMatch(/^[“\p{Lu}\d].*[.!?]$/u);
      expect(sentence).not.toMatch(/undefined|NaN|Infinity|\[object/);
      // A recipe is read off the things themselves, which are stamped in one unit.
      const stamped = 'load' in reason;
      if (!stamped) expect(reasonWords(reason, 'lb')).not.toMatch(/\d kg/);
    }
  });

  it('is data: it comes back from JSON as it was, and reads the same', () => {
    for (const { trace } of cells.slice(0, 60)) {
      const again = JSON.parse(JSON.stringify(trace)) as typeof trace;
      expect(traceWords(again, 'kg')).toEqual(traceWords(trace, 'kg'));
      expect(marksOf(again, 'kg')).toEqual(marksOf(trace, 'kg'));
    }
  });

  it('stands under its step, once a step, in the order of the page', () => {
    const order = ['rung', 'cautions', 'kit', 'target', 'attainable', 'byHand', 'write'];
    for (const { trace, status } of cells) {
      const steps = trace.map(({ step }) => order.indexOf(step));
      expect(steps.at(-1)).toBe(order.length - 1);
      if (status === 'ready') expect(traceWords(trace, 'kg').at(-1)?.sentences[0]).toMatch(/^\d+ × \d+/);
    }
  });

  it('says of a pair each hand’s load wherever it speaks of one, or that it is both together', () => {
    const pairs = cells.flatMap((cell) =>
      cell.status === 'ready' && cell.load?.hold === 'pair' ? [{ cell, kg: cell.load.kg }] : [],
    );
    expect(pairs.length).toBeGreaterThan(20);
    for (const { cell, kg } of pairs) {
      const said = traceWords(cell.trace, 'kg').flatMap(({ sentences }) => sentences);
      const loads = said.join(' ').matchAll(/(2 × )?(\d+(?:\.\d+)?) kg( in all)?/gu);
      // A single number as large as both hands’ is no load of this cell, or it says so.
      for (const [, each, number, inAll] of loads)
        if (!each && !inAll) expect(Number(number)).withContext(cell.slotId).not.toBe(kg);
      if (said.some((sentence) => sentence.includes('the maximum after')))
        expect(said.join(' ')).toMatch(/the maximum after (?:\d+ sets, the last )?\d+ with 2 × [\d.]+ kg/);
    }
  });

  it('says in all of a set of which nobody said how it was held, where a pair is spoken of', () => {
    const from = { exerciseId: 'pair-hinge', loadKg: 44, reps: 8, reserve: 1, date: '2026-10-20' };
    const estimate: StrengthEstimate = {
      basis: 'tested',
      sets: 1,
      from,
      formula: 'epley',
      maxKg: 57,
      middleKg: 57,
      standardError: 0.05,
    };
    expect(basisWords(estimate, { unit: 'kg', hold: 'pair' })).toContain(
      'the maximum after 9 × 44 kg in all,',
    );
    expect(basisWords(estimate, { unit: 'kg' })).toContain('the maximum after 9 × 44 kg,');
  });

  it('leaves each of its marks once', () => {
    for (const { trace } of cells) {
      const words = marksOf(trace, 'kg').map((mark) => mark.words);
      expect(new Set(words).size).toBe(words.length);
    }
  });
});

describe('a pair', () => {
  it('is said per hand everywhere in a cell, and its total nowhere', () => {
    const pairs = cells.flatMap((cell) =>
      cell.status === 'ready' && cell.load?.hold === 'pair' && cell.load.recipe ? [cell] : [],
    );
    expect(pairs.length).toBeGreaterThan(20);
    for (const { trace, load } of pairs) {
      const written = traceWords(trace, 'kg')
        .find(({ step }) => step === 'write')
        ?.sentences.join(' ');
      expect(written).toContain(` with ${formatHeld(load!.kg, 'kg', true)}`);
    }
  });
});

describe('words', () => {
  it('say an amount with what it counts', () => {
    expect(amountWords(amountOf('reps', 10))).toBe('10 reps');
    expect(amountWords(amountOf('hold', 30))).toBe('30 s');
  });

  it('say why something is left out and what would mend it', () => {
    expect(leftOutWords({ kind: 'kitLacks', gap: { kind: 'needs', needs: [['chair', 'step']] } })).toEqual({
      why: 'Needs a firm chair or a step',
      mend: 'Find a firm chair or a step',
    });
    expect(leftOutWords({ kind: 'byHand', said: 'not until it is looked at' }).why).toContain('looked at');
  });

  it('name versions as they are called, whatever tells them apart', () => {
    const version = catalog.versionByRung.get('row-one-arm')!;
    expect(reasonWords({ step: 'rung', kind: 'cameTo', version }, 'kg')).toBe('Has come to “one arm”.');
  });
});
