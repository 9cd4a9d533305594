import { Pipe, type PipeTransform } from '@angular/core';

const RULES = new Intl.PluralRules(undefined);
const NUMBERS = new Intl.NumberFormat(undefined);

/** The word alone that goes with a number: "set", "sets". */
export function plural(number: number, one: string, many: string): string {
  return RULES.select(number) === 'one' ? one : many;
}

/** A number with its word: "1 set", "12 sets". */
export function counted(number: number, one: string, many: string): string {
  return `${NUMBERS.format(number)} ${plural(number, one, many)}`;
}

/** A number with its word, in the reader's way of counting. */
@Pipe({ name: 'count' })
export class Count implements PipeTransform {
  readonly transform = counted;
}

/** The word that goes with a number that stands beside it. */
@Pipe({ name: 'plural' })
export class Plural implements PipeTransform {
  readonly transform = plural;
}
