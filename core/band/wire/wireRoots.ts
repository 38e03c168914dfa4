import { measuredValue } from "../../body/index.ts";
import { type BodyFacts, type Reckoned, reckoned, type Wants } from "../../calculation/index.ts";
import { CUP_SIDES } from "../../cups/index.ts";
import { term } from "../../explain/index.ts";
import { DIAMETER_TOLERANCE_MM, type FittedWire, SIDE_WORDS, typed } from "./fittedWire.ts";
import type { WireSide } from "./wireSides.ts";
import type { WireWorking } from "./working.ts";

/** Over what a raise is blended into the top edge, mm. */
export const RAISE_BLEND_MM = { least: 40, most: 60 } as const;

/** A raise of one piece. */
export interface Raise {
  readonly side: WireSide["side"];
  readonly piece: string;
  readonly where: string;
  readonly byMm: number;
}

/** How far each channel is raised, and over which lengths it blends. */
export function raisesOf({ side, fit: { raiseMm } }: FittedWire, { raiseAt }: WireWorking): Raise[] {
  if (raiseMm === 0) return [];
  const byMm = raiseAt === "both" ? raiseMm / 2 : raiseMm;
  const blend = `blended into the top edge over ${RAISE_BLEND_MM.least}–${RAISE_BLEND_MM.most} mm`;
  const underarm = [
    { side, piece: "Cradle and wing", where: `at the underarm, ${blend}`, byMm },
    { side, piece: "The cup piece that meets it", where: `at the underarm, ${blend}`, byMm },
  ];
  if (raiseAt === "underarm") return underarm;
  return [
    ...underarm,
    { side, piece: "Bridge", where: "at its top", byMm },
    { side, piece: "The cup piece that meets it", where: "at the centre", byMm },
  ];
}

/** One wire for two roots of different width fits one of them at best. */
export function differing(body: BodyFacts | null): string[] {
  const [left, right] = CUP_SIDES.map((side) => body && measuredValue(body.values, "root_width", side)?.mm);
  if (!left || !right || Math.abs(left - right) <= DIAMETER_TOLERANCE_MM) return [];
  return [
    `The roots of the two sides differ by ${Math.round(Math.abs(left - right))} mm: give each side its own wire and channel.`,
  ];
}

/** Before any root was measured. */
export const NO_ROOTS = { numbers: [] as Reckoned[], warnings: [] as string[] };

/** The width of a wire over the roots it lies round: both where one wire serves both sides. */
export function overRoots(diameterMm: number, of: WireSide["side"], body: BodyFacts | null, wants: Wants) {
  const sides = (of === "both" ? CUP_SIDES : [of]).flatMap((side) => {
    const rootMm = wants.length("root_width", side);
    return rootMm === null ? [] : [{ side, rootMm, overMm: diameterMm - rootMm }];
  });
  return {
    numbers: sides.map(({ side, rootMm, overMm }) =>
      reckoned(`diameter-${side}`, `Wire over root, ${side}`, {
        formula: "over = ⌀ − R",
        terms: [
          typed("⌀", "width of the wire, tip to tip across", diameterMm, "typed here"),
          term("body", "length")("R", `root width, ${side}`, rootMm, body?.source ?? ""),
        ],
        result: { value: overMm, unit: "difference" },
        notes: [`Within ± ${DIAMETER_TOLERANCE_MM} mm.`],
      }),
    ),
    warnings: sides.flatMap(({ side, overMm }) =>
      Math.abs(overMm) <= DIAMETER_TOLERANCE_MM
        ? []
        : [
            `${SIDE_WORDS[side]}: the wire is ${Math.round(Math.abs(overMm))} mm ${overMm > 0 ? "wider" : "narrower"} than the root; within 3 mm is wanted.`,
          ],
    ),
  };
}
