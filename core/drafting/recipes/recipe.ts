import type { MeasureCode } from "../../body/index.ts";
import type { Result } from "../../result.ts";
import type { Draft } from "../draft.ts";
import type { Given } from "./facts.ts";
import type { GirthId } from "./girthId.ts";

/** A number a recipe is drawn from, and what for. */
export interface Need<Id extends string> {
  readonly id: Id;
  /** False where the recipe can do without, and says what it assumes. */
  readonly needed: boolean;
  readonly why: string;
  /** Each side is drawn by its own; left out where a recipe takes the larger of two. */
  readonly apart?: boolean;
}

/** A number the maker may set. */
export interface NumberOption {
  readonly as: "number";
  /** A length in mm, a part of one, or a whole count. */
  readonly of: "length" | "ratio" | "count";
  readonly id: string;
  readonly name: string;
  readonly least: number;
  readonly most: number;
  /** Null where nobody can say what is usual: it has to be told. */
  readonly usual: number | null;
  /** One sentence: what it moves. */
  readonly about: string;
}

/** One of a few answers. */
export interface ChoiceOption {
  readonly as: "choice";
  readonly id: string;
  readonly name: string;
  readonly answers: readonly { readonly id: string; readonly name: string }[];
  readonly usual: string;
  readonly about: string;
}

export type RecipeOption = NumberOption | ChoiceOption;

/** How pieces of one garment are drawn: what it needs, what may be set, and a function without anything beside it. */
export interface Recipe {
  readonly id: string;
  readonly name: string;
  readonly summary: string;
  /** Of the body, mm. */
  readonly measures: readonly Need<MeasureCode>[];
  /** Planned girths G, mm. */
  readonly girths: readonly Need<GirthId>[];
  /** Planned lengths as cut, mm, by the measure they run along. */
  readonly lengths: readonly Need<MeasureCode>[];
  readonly options: readonly RecipeOption[];
  /** True where drawing takes longer than a frame: what was drawn lately is kept, and a page draws it beside itself. */
  readonly costly?: boolean;
  /**
   * Draws the pieces.
   * @returns them; or a problem that names which measure does not fit which.
   */
  readonly draw: (given: Given) => Result<Draft>;
}
