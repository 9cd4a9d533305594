import { merge, same } from './merge';

describe('merge', () => {
  const both = (base: unknown, mine: unknown, theirs: unknown) => merge(base, mine, theirs, 'mine');

  it('keeps what either has changed, field by field', () => {
    expect(both({ a: 1, b: 1, c: 1 }, { a: 2, b: 1, c: 1 }, { a: 1, b: 1, c: 3 })).toEqual({
      value: { a: 2, b: 1, c: 3 },
      clash: false,
    });
  });

  it('takes a field away that one took away, and keeps one that was put in', () => {
    expect(both({ a: 1, b: 1 }, { b: 1 }, { a: 1, b: 1, c: 1 }).value).toEqual({ b: 1, c: 1 });
    expect(both({ a: 1, b: 1 }, { a: 1, b: 1, c: 1 }, { b: 1 }).value).toEqual({ b: 1, c: 1 });
  });

  it('goes thing by thing through a list, however it was reordered', () => {
    const base = [
      { id: 'a', n: 1 },
      { id: 'b', n: 1 },
      { id: 'c', n: 1 },
    ];
    const mine = [{ id: 'c', n: 1 }, { id: 'a', n: 2 }, { id: 'new', n: 9 }, base[1]!];
    const theirs = [base[0]!, { id: 'theirs', n: 7 }, { id: 'b', n: 5 }, base[2]!];
    expect(both(base, mine, theirs)).toEqual({
      value: [
        { id: 'c', n: 1 },
        { id: 'a', n: 2 },
        { id: 'theirs', n: 7 },
        { id: 'new', n: 9 },
        { id: 'b', n: 5 },
      ],
      clash: false,
    });
  });

  it('lets a thing go that one deleted and the other left alone, and keeps one the other has changed', () => {
    const base = [
      { id: 'a', n: 1 },
      { id: 'b', n: 1 },
    ];
    expect(both(base, [base[1]!], base)).toEqual({ value: [base[1]!], clash: false });
    expect(both(base, [base[1]!], [{ id: 'a', n: 2 }, base[1]!])).toEqual({
      value: [{ id: 'a', n: 2 }, base[1]!],
      clash: true,
    });
  });

  it('puts ticked words together', () => {
    expect(both(['knee', 'back'], ['knee', 'back', 'wrist'], ['knee', 'neck']).value).toEqual([
      'knee',
      'neck',
      'wrist',
    ]);
  });

  it('never loses a caution to another that was noted at the same time, nor mixes two', () => {
    const knee = { condition: 'soreKnee' };
    const pressure = { condition: 'highBloodPressure' };
    const back = { condition: 'lowBack' };
    expect(both([knee], [knee, pressure], [knee, back]).value).toEqual(
      jasmine.arrayWithExactContents([knee, pressure, back]),
    );
    expect(both([], [pressure], [back]).value).toEqual(jasmine.arrayWithExactContents([pressure, back]));
    const surgery = { condition: 'recentSurgery' };
    const placed = { ...surgery, place: 'knee' };
    // One takes another condition in its place while the other says where the surgery was: both stand, for the coach to see.
    expect(both([surgery], [back], [placed]).value).toEqual(jasmine.arrayWithExactContents([back, placed]));
  });

  it('keeps sets that both have written down, and lets one go that either took out', () => {
    const [first, second, third] = [{ reps: 8 }, { reps: 10 }, { reps: 12 }];
    expect(both([first], [first, second], [first, third])).toEqual({
      value: [first, third, second],
      clash: false,
    });
    expect(both([first, second], [second], [first, second, third]).value).toEqual([second, third]);
  });

  it('goes place by place through lists of the same length', () => {
    const week = (days: number[], lighter = false) => ({ week: 1, days, lighter });
    const base = [week([1, 2]), week([1, 2])];
    const mine = [week([1, 2, 5]), week([1, 2])];
    const theirs = [week([1, 2]), week([1, 2], true)];
    expect(both(base, mine, theirs)).toEqual({
      value: [week([1, 2, 5]), week([1, 2], true)],
      clash: false,
    });
  });

  it('says where both changed the same field, and takes the one that is preferred', () => {
    const [base, mine, theirs] = [
      { a: 1, b: 1 },
      { a: 2, b: 2 },
      { a: 3, b: 1 },
    ];
    expect(merge(base, mine, theirs, 'mine')).toEqual({ value: { a: 2, b: 2 }, clash: true });
    expect(merge(base, mine, theirs, 'theirs')).toEqual({ value: { a: 3, b: 2 }, clash: true });
  });

  it('agrees whichever of two changes comes first, where they do not meet', () => {
    const base = { list: [{ id: 'x', a: 1, b: 1 }], name: 'n' };
    const one = { list: [{ id: 'x', a: 2, b: 1 }], name: 'n' };
    const two = { list: [{ id: 'x', a: 1, b: 3 }], name: 'm' };
    expect(same(both(base, one, two).value, both(base, two, one).value)).toBeTrue();
    expect(both(base, one, two).value).toEqual({ list: [{ id: 'x', a: 2, b: 3 }], name: 'm' });
  });
});
