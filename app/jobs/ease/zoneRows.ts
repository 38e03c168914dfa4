import type { Consequences, EaseNumber } from "../../../core/ease/index.ts";
import { percent } from "../../frame/units/percent.ts";
import { pressure, tension } from "../../frame/units/pull.ts";
import type { LengthWriter } from "../../frame/units/UnitContext.tsx";

/** One row of a zone in full: a number of the plan and how it is written. */
export interface ZoneRow {
  readonly number: EaseNumber;
  readonly name: string;
  write(consequences: Consequences, lengths: LengthWriter): string;
}

/** Every consequence of a girth, in the order of the work: what to cut, what it does, what becomes of it. */
export const ZONE_ROWS: readonly ZoneRow[] = [
  { number: "garment", name: "Garment girth", write: ({ garmentMm }, lengths) => lengths.bare(garmentMm) },
  { number: "flat", name: "Flat, half", write: ({ flatMm }, lengths) => lengths.bare(flatMm) },
  { number: "front", name: "Front", write: ({ frontMm }, lengths) => lengths.bare(frontMm) },
  { number: "back", name: "Back", write: ({ backMm }, lengths) => lengths.bare(backMm) },
  { number: "quarter", name: "Quarter", write: ({ quarterMm }, lengths) => lengths.bare(quarterMm) },
  { number: "ease", name: "Ease", write: ({ easeMm }, lengths) => lengths.difference(easeMm) },
  { number: "easeRatio", name: "Ease, of the body", write: ({ easeRatio }) => percent(easeRatio) },
  { number: "reduction", name: "Reduction (cut)", write: ({ reduction }) => percent(reduction) },
  { number: "strain", name: "Strain (worn)", write: ({ strain }) => percent(strain) },
  {
    number: "shareUsed",
    name: "Share of stretch",
    write: ({ shareUsed }) => (shareUsed === null ? "no stretch" : percent(shareUsed)),
  },
  {
    number: "tension",
    name: "Tension in wear",
    write: ({ pull }) => (pull ? tension(pull.tensionNPerM) : "no ladder"),
  },
  { number: "pressure", name: "Mean pressure", write: ({ pull }) => (pull ? pressure(pull.pressureKpa) : "no ladder") },
  {
    number: "grown",
    name: "After growth",
    write: ({ grownGarmentMm }, lengths) =>
      grownGarmentMm === null ? "recovery not read" : lengths.bare(grownGarmentMm),
  },
  {
    number: "grownStrain",
    name: "Strain then",
    write: ({ grownStrain }) => (grownStrain === null ? "recovery not read" : percent(grownStrain)),
  },
];
