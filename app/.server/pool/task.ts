import { fail, type Result } from "../../../core/result.ts";

/** How far a piece of work has come: how much of how much, and what of. */
export interface Progress {
  readonly done: number;
  readonly of: number;
  readonly what: string;
}

/** One kind of work that is done in the pool. What it is given and what it answers goes from thread to thread: plain values and bytes. */
export type Task<Input, Output> = (
  input: Input,
  progress: (come: Progress) => void,
) => Result<Output> | Promise<Result<Output>>;

/** The bytes of a file as text: UTF-8, what is none replaced. */
export const textOf = (bytes: Uint8Array): string => new TextDecoder("utf-8", { ignoreBOM: true }).decode(bytes);

/** How long a piece of work may take once it is begun, ms, where it says nothing else. */
export const WITHIN_MS = 20_000;

/** How a piece of work is asked for. */
export interface Asked {
  /** Whoever asked has gone: it is stopped. */
  readonly signal?: AbortSignal;
  /** Bytes that are handed over and not copied. */
  readonly hand?: readonly Uint8Array[];
  readonly withinMs?: number;
  readonly onProgress?: (come: Progress) => void;
}

/** What is answered where it was stopped for the time it took. */
export const tookTooLong = (afterMs: number): Result<never> =>
  fail(
    "took-too-long",
    `Expected what can be read within ${afterMs / 1000} seconds, but this takes longer: it was stopped.`,
  );

/** What is answered where it was ended for the memory it took. */
export const tookTooMuch = (): Result<never> =>
  fail("took-too-much", "Expected what can be read within the memory there is for it, but this needs more.");
