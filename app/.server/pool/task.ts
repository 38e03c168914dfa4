import type { Result } from "../../../core/result.ts";

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
