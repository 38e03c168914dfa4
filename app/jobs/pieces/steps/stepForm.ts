import { type Draft, edgeLength, type OperationCall } from "../../../../core/drafting/index.ts";
import type { FinishSettings } from "../../../../core/edges/index.ts";
import { fail, ok } from "../../../../core/result.ts";
import { type FormRead, type FormSchema, type ValueOf, wrong } from "../../../../formats/form/index.ts";

/** One field of a step: an edge of the pieces, or a length. */
export type StepField = { readonly name: string; readonly label: string } & (
  | {
      readonly as: "edge";
      /** Only edges that are sewn to another. */
      readonly sewn?: boolean;
    }
  | { readonly as: "length"; readonly hint?: string }
  | { readonly as: "choice"; readonly choices: readonly { readonly value: string; readonly label: string }[] }
);

/** A step that can be drawn on pieces: what is asked for it, and the operation it comes to. Adding one is adding a file and a line in `forms`. */
export interface StepForm<Schema extends FormSchema = FormSchema> {
  /** Which it is among the steps of a page: what its form is sent as. */
  readonly id: string;
  readonly title: string;
  readonly about: string;
  /** What its button says. */
  readonly does: string;
  readonly fields: readonly StepField[];
  readonly schema: Schema;
  /** True for pieces it can be drawn on. */
  readonly offers: (draft: Draft) => boolean;
  readonly call: (read: ValueOf<Schema>, habits: FinishSettings) => FormRead<OperationCall>;
  /** What else has to be looked at once it is drawn, in sentences; left out where nothing ever has. */
  readonly follows?: (call: OperationCall, draft: Draft) => readonly string[];
}

/** Ties what a step's form reads to what it makes of it. */
export const stepForm = <Schema extends FormSchema>(of: StepForm<Schema>): StepForm => of as unknown as StepForm;

/** An edge of a piece as a form sends it. */
export interface EdgeAt {
  readonly piece: string;
  readonly edge: string;
}

/** How an edge is written in a form. */
export const edgeValue = ({ piece, edge }: EdgeAt): string => JSON.stringify([piece, edge]);

/** Reads an edge from a form; null for what is none. */
export function edgeFrom(text: string): EdgeAt | null {
  try {
    const [piece, edge] = JSON.parse(text) as unknown[];
    return typeof piece === "string" && typeof edge === "string" ? { piece, edge } : null;
  } catch {
    return null;
  }
}

/** An edge to choose, with how long it is, mm. */
export interface EdgeChoice {
  readonly value: string;
  readonly name: string;
  readonly mm: number;
}

/** The edges of pieces that a field offers: all that are cut, or those with a partner. */
export const edgeChoices = ({ pieces }: Draft, { sewn = false }: { readonly sewn?: boolean }): EdgeChoice[] =>
  pieces.flatMap((piece) =>
    piece.takenFrom
      ? []
      : piece.edges
          .filter(({ finish, seam }) => finish !== "fold" && (!sewn || seam !== null))
          .map((edge) => ({
            value: edgeValue({ piece: piece.id, edge: edge.id }),
            name: `${edge.id} of ${piece.name}`,
            mm: edgeLength(edge),
          })),
  );

/** Two edges a step names must be of one piece. @returns what is wrong with the second, or null. */
export const ofOnePiece = (first: EdgeAt, second: EdgeAt, name: string): FormRead<never> | null =>
  first.piece === second.piece
    ? null
    : wrong(name, `Expected an edge of ${first.piece}, but ${second.edge} is one of ${second.piece}.`);

/** A field for an edge of the pieces. */
export const edgeField = (): FormSchema<EdgeAt> => ({
  type: "object",
  title: "an edge of the pieces",
  reads: (text) => {
    const edge = edgeFrom(text);
    return edge ? ok(edge) : fail("no-edge", `Expected an edge of the pieces, but got “${text.slice(0, 40)}”.`);
  },
});
