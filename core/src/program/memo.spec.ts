import { createMemo } from './index';

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
