/** Without the fields that are undefined: what is not said is not kept. */
export function defined<Fields extends object>(fields: Fields): Fields {
  return Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined)) as Fields;
}
