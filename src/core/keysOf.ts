/** The keys of a table as z.enum wants them: at least one, each by its own name. */
export const keysOf = <T extends Record<string, unknown>>(
  table: T,
): [keyof T & string, ...(keyof T & string)[]] =>
  Object.keys(table) as [keyof T & string, ...(keyof T & string)[]];
