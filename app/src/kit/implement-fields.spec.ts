import { implementSchema, kitSchema, type ImplementKind } from '@dray/core';
import { FORMS, plainThing } from './implement-fields';

const KINDS = Object.keys(FORMS) as ImplementKind[];

describe('plainThing', () => {
  it('is a thing of its kind that a kit takes, in kilograms and in pounds', () => {
    for (const kind of KINDS) {
      for (const unit of ['kg', 'lb'] as const) {
        const thing = plainThing(kind, unit);
        expect(thing.kind).toBe(kind);
        expect(implementSchema.safeParse(thing).error).withContext(`${kind} ${unit}`).toBeUndefined();
        const kit = { id: 'k', name: 'A kit', unit, implements: [thing] };
        expect(kitSchema.safeParse(kit).success).withContext(kind).toBeTrue();
      }
    }
  });

  it('comes in round numbers of the unit it is for', () => {
    // One pound is 0.45359237 kg: international avoirdupois pound of 1959.
    const pounds = plainThing('fixed', 'lb');
    expect(pounds.kind === 'fixed' && pounds.massKg / 0.45359237).toBeCloseTo(10, 10);
    const kilograms = plainThing('fixed', 'kg');
    expect(kilograms.kind === 'fixed' && kilograms.massKg).toBe(5);
  });
});

describe('FORMS', () => {
  /** A thing with a field put to something of the field’s kind. */
  function withField(kind: ImplementKind, key: string, value: unknown) {
    return implementSchema.safeParse({ ...plainThing(kind, 'kg'), [key]: value });
  }

  it('asks for nothing that the thing does not know', () => {
    for (const kind of KINDS) {
      for (const { key, kind: asked, choices } of FORMS[kind].fields) {
        const tried = { mass: 1, number: 2, words: 'something', check: true, choice: undefined }[asked];
        for (const value of choices?.map((choice) => choice.value) ?? [tried]) {
          const { error } = withField(kind, key, value);
          const unknown = error?.issues.filter(({ code }) => code === 'unrecognized_keys') ?? [];
          expect(unknown).withContext(`${kind}, ${key}`).toEqual([]);
        }
      }
    }
  });

  it('offers only choices that can be kept', () => {
    for (const kind of KINDS) {
      for (const { key, choices = [] } of FORMS[kind].fields) {
        for (const { value, words } of choices) {
          expect(withField(kind, key, value).success)
            .withContext(`${kind}, ${key}: ${words}`)
            .toBeTrue();
        }
      }
    }
  });

  it('adds rows that can be kept as they come', () => {
    for (const kind of KINDS) {
      const { rows } = FORMS[kind];
      if (!rows) continue;
      for (const unit of ['kg', 'lb'] as const) {
        const thing = { ...plainThing(kind, unit), [rows.key]: [rows.fresh(unit)] };
        expect(implementSchema.safeParse(thing).error).withContext(kind).toBeUndefined();
      }
    }
  });
});
