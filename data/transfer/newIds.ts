import type { Referred, Renumber } from "./jobNumbers.ts";

/** The new ids of what a file refers to. */
export class NewIds implements Renumber {
  ownStyle = "";
  wearerId = 0;
  readonly #ids = new Map<string, number>();

  put(what: Referred, ref: number, id: number): void {
    this.#ids.set(`${what} ${ref}`, id);
  }

  /** What the file names without bringing it, such as a sheet since replaced, gets a number nothing here has. */
  of(what: Referred, ref: number): number {
    return this.#ids.get(`${what} ${ref}`) ?? -ref;
  }
}
