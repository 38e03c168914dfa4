import type { Draft } from "../draft.ts";
import type { Point } from "../geometry/index.ts";

/** What is wrong with a draft, and where. */
export interface Fault {
  /** One sentence: what was expected and what came. */
  readonly message: string;
  readonly piece?: string;
  readonly edge?: string;
  readonly at?: Point;
}

/** A rule that every draft is held against. */
export interface Check {
  readonly id: string;
  /** What holds where nothing is found: a sentence. */
  readonly holds: string;
  readonly faults: (draft: Draft) => readonly Fault[];
}
