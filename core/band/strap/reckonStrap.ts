import {
  type BodyFacts,
  known,
  type Reckoned,
  type Reckoning,
  reckoned,
  type ShelfElastic,
  type Wants,
  wantsOf,
} from "../../calculation/index.ts";
import { strainAt, type TensionCurve, testedTo } from "../../cloth/index.ts";
import { CUP_SIDES, type CupSide, cupVolumeCm3 } from "../../cups/index.ts";
import { term } from "../../explain/index.ts";
import { ADJUSTER_MM, HALTER_UP_TO_CM3, NARROW_OVER_N_PER_CM, strapCutMm, WEIGHT_N_PER_CM3 } from "./strap.ts";
import type { StrapWorking } from "./working.ts";

/** What straps are reckoned from beside the working. */
export interface StrapFacts {
  readonly body: BodyFacts | null;
  readonly strapStrain: number;
  readonly settingsName: string;
  readonly elastics: readonly ShelfElastic[];
}

/** The side that weighs more, with its weight. */
interface Load {
  readonly side: CupSide;
  readonly volumeCm3: number;
  readonly newtons: number;
}

/** Length of the straps, and the load on them. */
export function reckonStrap(working: StrapWorking, facts: StrapFacts): Reckoning {
  const wants = wantsOf(facts.body);
  const load = loadOf(wants);
  const strain = strainOf(working, facts, load, wants);
  const given = known({
    frontMm: wants.length("strap_front"),
    backMm: wants.length("strap_back"),
    hardwareMm: wants.entry(working.hardwareMm, "the length of rings and slider"),
    allowanceMm: wants.entry(working.allowanceMm, "the allowances"),
  });
  const source = facts.body?.source ?? "";
  const tooLong = given !== null && given.hardwareMm >= given.frontMm + given.backMm;
  const length = given && strain && !tooLong ? lengthNumbers(given, strain, source) : [];
  return {
    numbers: [...length, ...(load ? loadNumbers(load, working) : [])],
    lacks: wants.lacks,
    notes: ["The final strap length is set on the body."],
    warnings: [
      ...(tooLong ? ["Rings and slider are longer than the whole path: check them."] : []),
      ...(load ? loadWarnings(load, working) : []),
      ...(strain?.warning ? [strain.warning] : []),
    ],
  };
}

function loadOf(wants: Wants): Load | null {
  const sides = CUP_SIDES.map((side) => {
    const given = known({
      rootWidthMm: wants.length("root_width", side),
      rootHeightMm: wants.length("root_height", side),
      projectionMm: wants.length("projection", side),
    });
    return given ? { side, volumeCm3: cupVolumeCm3(given) } : null;
  });
  const [left, right] = sides;
  if (!left || !right) return null;
  const larger = right.volumeCm3 > left.volumeCm3 ? right : left;
  return { ...larger, newtons: WEIGHT_N_PER_CM3 * larger.volumeCm3 };
}

interface StrapStrain {
  readonly value: number;
  readonly source: string;
  readonly warning?: string;
}

function strainOf(
  { by, elastic }: StrapWorking,
  { strapStrain, settingsName, elastics }: StrapFacts,
  load: Load | null,
  wants: Wants,
): StrapStrain | null {
  if (by === "habit") return { value: strapStrain, source: `habit of strap elastic, ${settingsName}` };
  if (by === "rigid") return { value: 0, source: "of cloth that does not stretch" };
  const chosen = wants.entry(elastics.find(({ id }) => id === elastic) ?? null, "which strap elastic");
  if (!chosen) return null;
  if (!chosen.forceN) return wants.plan(`“${chosen.name}” has no load ladder: its strain under a weight is not known.`);
  return load ? underWeight(chosen.name, chosen.forceN, load) : null;
}

function underWeight(name: string, forceN: TensionCurve, { newtons }: Load): StrapStrain | null {
  const { strain, beyondTest } = strainAt(forceN, newtons);
  if (strain === null) return null;
  return {
    value: strain,
    source: `“${name}” under the weight of a side`,
    ...(beyondTest
      ? {
          warning: `That weight pulls “${name}” past its test (${Math.round(testedTo(forceN) * 100)} %): take a stronger elastic, or test it further.`,
        }
      : {}),
  };
}

function lengthNumbers(
  given: Record<"frontMm" | "backMm" | "hardwareMm" | "allowanceMm", number>,
  strain: StrapStrain,
  source: string,
): Reckoned[] {
  const pathMm = given.frontMm + given.backMm;
  const cutMm = strapCutMm({ ...given, pathMm, strain: strain.value });
  const mm = term("body", "length");
  return [
    reckoned("path", "Path over the shoulder", {
      formula: "path = Sf + Sb",
      terms: [mm("Sf", "strap front", given.frontMm, source), mm("Sb", "strap back", given.backMm, source)],
      result: { value: pathMm, unit: "length" },
    }),
    reckoned("cut", "Strap, cut", {
      formula: "strap = (path − hardware) / (1 + ε) + allowances",
      terms: [
        mm("path", "over the shoulder", pathMm, "computed above"),
        term("setting", "length")("hardware", "rings and slider", given.hardwareMm, "typed here"),
        term("setting", "ratio")("ε", "strain of the strap", strain.value, strain.source),
        term("setting", "length")("allowances", "turned ends and loop", given.allowanceMm, "typed here"),
      ],
      result: { value: cutMm, unit: "length" },
      notes: [`An adjuster gives ± ${ADJUSTER_MM} mm.`],
    }),
  ];
}

function loadNumbers({ side, volumeCm3, newtons }: Load, { widthMm }: StrapWorking): Reckoned[] {
  const weight = reckoned("weight", `Weight a side carries (${side}, the larger)`, {
    formula: "W = 0.0093 · V",
    terms: [term("result", "volume")("V", `volume, ${side}`, volumeCm3, "breast measures")],
    result: { value: newtons, unit: "force" },
    notes: ["Before movement; the band should bear most of it."],
  });
  if (widthMm === null) return [weight];
  return [
    weight,
    reckoned("line", "Pressure line on the shoulder", {
      formula: "q = W / w",
      terms: [
        term("result", "force")("W", "weight", newtons, "computed above"),
        term("garment", "ratio")("w", "width of the strap, cm", widthMm / 10, "typed here"),
      ],
      result: { value: newtons / (widthMm / 10), unit: "linePressure" },
      notes: [`Over ${NARROW_OVER_N_PER_CM} N/cm a strap cuts in.`],
    }),
  ];
}

function loadWarnings({ volumeCm3, newtons }: Load, { widthMm, halter }: StrapWorking): string[] {
  const narrow = widthMm !== null && newtons / (widthMm / 10) > NARROW_OVER_N_PER_CM;
  return [
    ...(narrow
      ? [
          `Narrow for this weight: at least ${Math.ceil((newtons / NARROW_OVER_N_PER_CM) * 10)} mm wide, or let the band carry more.`,
        ]
      : []),
    ...(halter && volumeCm3 > HALTER_UP_TO_CM3
      ? ["A halter hangs this weight on the neck: choose straps over the shoulders for cups this large."]
      : []),
  ];
}
