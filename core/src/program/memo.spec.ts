import { boatyard } from '@dray/demo';
import { asAsked, documentWith } from '../../testing/weeks';
import { ready } from '../../testing/reading';
import type { DrayDocument } from '../model';
import { editSlot } from '../plan';
import { createMemo, createResolver, type Board } from './index';

describe('createMemo', () => {
  it('computes again only when one of the inputs is another object', () => {
    const memo = createMemo();
    const session = { name: 'Tuesday' };
    let computed = 0;
    const ask = (input: object) => memo('board', [session, input], () => ({ number: (computed += 1) }));
    const input = {};
    const first = ask(input);
    expect(ask(input)).toBe(first);
    expect(ask({})).not.toBe(first);
    expect(computed).toBe(2);
  });

  it('keeps keys apart, and tells lists of other lengths apart', () => {
    const memo = createMemo();
    expect(memo('a', [1], () => 'a')).toBe('a');
    expect(memo('b', [1], () => 'b')).toBe('b');
    expect(memo('a', [1], () => 'again')).toBe('a');
    expect(memo('a', [1, undefined], () => 'longer')).toBe('longer');
  });
});

describe('the resolver', () => {
  const start = documentWith({});
  const query = { sessionId: 'tuesday', week: 3 };
  /** Places of cells that are other objects than before, as "person slot". */
  const changed = (before: Board, after: Board) =>
    before.rows.flatMap(({ participant, cells }, row) =>
      cells.flatMap((cell, column) =>
        cell === after.rows[row]!.cells[column] ? [] : `${participant.id} ${cell.slotId}`,
      ),
    );

  it('works out one column again for an edit of its slot', () => {
    const resolver = createResolver();
    const before = resolver.board(start, query);
    const edited: DrayDocument = {
      ...start,
      sessions: start.sessions.map((session) =>
        session.id === 'tuesday' ? editSlot(session, 'tue-plank', (slot) => ({ ...slot })) : session,
      ),
    };
    const cells = changed(before, resolver.board(edited, query));
    expect(cells.length).toBeGreaterThan(0);
    expect(new Set(cells.map((cell) => cell.split(' ')[1]))).toEqual(new Set(['tue-plank']));
  });

  it('works out nobody else for a set that someone logged, and nothing for a document that is the same', () => {
    const resolver = createResolver();
    const logged = (entries: DrayDocument['log']) => ({ ...start, log: [...start.log, ...entries] });
    const first = resolver.board(start, { ...query, week: 1 });
    const sets = first.rows.flatMap(({ cells }) =>
      cells.flatMap((cell) =>
        cell.status === 'ready' ? [{ ...asAsked(cell, 1), sessionId: 'tuesday' }] : [],
      ),
    );
    const begun = logged(sets);
    const before = resolver.board(begun, query);
    expect(changed(before, resolver.board({ ...begun }, query))).toEqual([]);
    const juno = first.rows.find(({ participant }) => participant.id === 'juno')!;
    const squat = ready(juno.cells.find(({ slotId }) => slotId === 'tue-squat'));
    const one = { ...asAsked(squat, 2), sessionId: 'tuesday', id: 'one more', amount: 3 };
    const cells = changed(before, resolver.board({ ...begun, log: [...begun.log, one] }, query));
    expect(cells).toContain('juno tue-squat');
    expect(cells.filter((cell) => !cell.startsWith('juno '))).toEqual([]);
    expect(boatyard.log).toEqual([]);
  });
});
