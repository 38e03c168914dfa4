/** Carries an answer out of a transaction, so that what was begun for it is rolled back. */
export class RolledBack<T> extends Error {
  override readonly name = "RolledBack";
  readonly answer: T;
  constructor(answer: T) {
    super("An action was refused; nothing of it was kept.");
    this.answer = answer;
  }
}

const FIRST_REFUSING_STATUS = 400;

/**
 * True for an answer that says an action was not done: a problem (`ok: false`), an edit that met a newer one
 * (`saved: false`), or an answer to the browser with a status from 400. What such an action has written by then must
 * not be kept: whoever is refused is told that nothing happened.
 */
export function isRefusal(answer: unknown): boolean {
  if (typeof answer !== "object" || answer === null) return false;
  const { ok, saved, status, init } = answer as {
    ok?: unknown;
    saved?: unknown;
    status?: unknown;
    init?: { status?: unknown } | null;
  };
  const code = typeof status === "number" ? status : init?.status;
  // A redirect is an answer too, and calls itself not ok.
  if (typeof code === "number") return code >= FIRST_REFUSING_STATUS;
  return ok === false || saved === false;
}
