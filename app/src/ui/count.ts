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

const SIZES = [
  [1e9, 'gigabyte'],
  [1e6, 'megabyte'],
  [1e3, 'kilobyte'],
] as const;

/** So many bytes as people say it: "3.2 MB". */
export function sizeWords(bytes: number): string {
  const [size, unit] = SIZES.find(([least]) => bytes >= least) ?? [1e3, 'kilobyte'];
  return new Intl.NumberFormat(undefined, { style: 'unit', unit, maximumFractionDigits: 1 }).format(
    bytes / size,
  );
}
