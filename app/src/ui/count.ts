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
