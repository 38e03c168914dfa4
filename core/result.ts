/**
 * An expected failure, told so that a maker can act on it. Never thrown: it is returned inside a {@link Result}.
 */
export interface Problem {
  /** Stable, machine-readable name, lower case with dashes: `length-unreadable`. */
  readonly code: string;
  /** One sentence: what was expected and what came. */
  readonly message: string;
}

/** Either a value or the reason why there is none. Throwing is kept for misuse by the programmer. */
export type Result<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: Problem };

/** Wraps a value that was computed. */
export const ok = <T>(value: T): Result<T> => ({ ok: true, value });

/** Wraps a reason why nothing could be computed. */
export const fail = (code: string, message: string): { ok: false; problem: Problem } => ({
  ok: false,
  problem: { code, message },
});
