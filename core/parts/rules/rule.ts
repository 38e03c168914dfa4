import type { Draft } from "../../drafting/index.ts";
import type { Opening, RingVerdict, Zone } from "../../ease/index.ts";
import type { PartChoices } from "../decision.ts";

/** What a rule looks at beside the choices. */
export interface PartsSeen {
  readonly drafts: readonly Draft[];
  /** Rings of the plan that have to pass something, as they are judged; those that open are left out. */
  readonly pullOn: readonly Pick<RingVerdict, "ring" | "verdict" | "shortfallMm">[];
  /** Options of the brief as they are kept, where one is kept. */
  readonly briefDrops: Readonly<Record<string, number | null>> | null;
  readonly isChild: boolean;
  /** Rings the choices open, with how. */
  readonly opens: Readonly<Partial<Record<Zone, Opening>>>;
}

/** What a rule says: that something does not go together, and why; or what has the word where it goes. */
export interface PartVerdict {
  readonly kind: "forbidden" | "asks";
  readonly message: string;
}

/** One rule of what goes together: adding one is adding a file and a line in the index. */
export interface PartRule {
  readonly id: string;
  /** Nothing where it holds, or does not speak. */
  readonly says: (choices: PartChoices, seen: PartsSeen) => readonly PartVerdict[];
}

/** Something that does not go together. */
export const forbidden = (message: string): readonly PartVerdict[] => [{ kind: "forbidden", message }];

/** Something that goes, with what has the word. */
export const asks = (message: string): readonly PartVerdict[] => [{ kind: "asks", message }];
