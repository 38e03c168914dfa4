/** For tests of forms: what is wrong with a form that was read, by field; nothing where it was read whole. */
export const errorsOf = (read: { ok: boolean; errors?: unknown }): Record<string, string> =>
  read.ok ? {} : (read.errors as Record<string, string>);
