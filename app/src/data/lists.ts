/** The lists of the document that are kept record by record; the log is kept by days. */
export const LISTS = [
  'exercises',
  'ladders',
  'kits',
  'participants',
  'sessions',
  'programs',
  'overrides',
  'classes',
  'visits',
] as const;
export type ListName = (typeof LISTS)[number];
