import { describe, expect, it } from "vitest";
import type { Finding, Prototype } from "../fitting/index.ts";
import { answer } from "./sampleAnswer.ts";
import { sampleFrozen, sampleLength, samplePrototype } from "./sampleRecord.ts";

/** One remedy of a row: its id, its amount in mm on resting cloth, and what else the row is about. */
export type RemedyRow = readonly [id: string, amountMm: number | null, rest?: object];

/** One row of a kind's table: what was found, and what it has to be answered with. */
export interface ProposalRow {
  readonly told: string;
  readonly found: Omit<Partial<Finding>, "kind">;
  /** Prototype it was found on; the sample brief where it is not said. */
  readonly on?: Prototype;
  /** All remedies in their order, the proposal first. */
  readonly remedies: readonly RemedyRow[];
  /** All questions and cautions in their order; none where they are not said. */
  readonly asks?: readonly RegExp[];
  readonly cautions?: readonly RegExp[];
}

/** What the sample prototype is, girth by girth: body and planned, mm. By these a reading on stretched cloth is cut. */
export const RINGS = {
  waist: { bodyMm: 742, plannedMm: 653 },
  highHip: { bodyMm: 905, plannedMm: 788 },
  hip: { bodyMm: 1008, plannedMm: 873 },
  leg: { bodyMm: 604, plannedMm: 532 },
} as const;

/** What was read on the stretched ring, on resting cloth: divided by one and the strain there. */
export const atRest = (zone: keyof typeof RINGS, mm: number): number =>
  (mm * RINGS[zone].plannedMm) / RINGS[zone].bodyMm;

/** The sample prototype with one girth sewn otherwise than planned. */
export const sewnAt = (zone: keyof typeof RINGS, sewnMm: number): Prototype =>
  samplePrototype({ sewn: [{ zone, side: "single", sewnMm, text: `${sewnMm / 20} cm` }] });

/** The sample prototype cut to lengths: by id, body and cut, mm. */
export const cutTo = (lengths: Readonly<Record<string, readonly [bodyMm: number, cutMm: number]>>): Prototype =>
  samplePrototype({
    frozen: {
      ...sampleFrozen(),
      lengths: Object.entries(lengths).map(([id, [bodyMm, cutMm]]) => sampleLength({ id, name: id, bodyMm, cutMm })),
    },
  });

/** Tries each row of a kind's table: remedies, amounts, questions and cautions, each complete and in its order. */
export function itProposes(kind: Finding["kind"], rows: readonly ProposalRow[]): void {
  describe(`${kind} proposes`, () => {
    it.each(rows)("$told", ({ found, on, remedies, asks = [], cautions = [] }) => {
      const given = answer({ ...found, kind }, on);
      expect(given.remedies.map(({ id }) => id)).toEqual(remedies.map(([id]) => id));
      for (const [at, [, amountMm, rest = {}]] of remedies.entries()) {
        expect(given.remedies[at]).toMatchObject({
          ...rest,
          amountMm: amountMm === null ? null : expect.closeTo(amountMm, 9),
        });
      }
      expect(given.asks).toEqual(asks.map((ask) => expect.stringMatching(ask)));
      expect(given.cautions).toEqual(cautions.map((caution) => expect.stringMatching(caution)));
    });
  });
}
