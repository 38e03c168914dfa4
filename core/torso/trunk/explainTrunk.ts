import { spreadWords, TRUNK_PARTS, type TrunkPart, trunkName } from "../../body/index.ts";
import { type Reckoned, reckoned } from "../../calculation/index.ts";
import { type Term, term } from "../../explain/index.ts";
import type { ComparedTrunk } from "./comparedTrunk.ts";
import type { TrunkFacts } from "./trunkFacts.ts";
import { TRUNK_PART_NAMES, type TrunkWorking } from "./working.ts";

const bodyMm = term("body", "length");
const patternMm = term("garment", "length");
const strain = term("result", "ratio");

/** The numbers of a compared trunk: needed, present, the difference, and each part's. */
export function explainTrunk(trunk: ComparedTrunk, working: TrunkWorking, facts: TrunkFacts): Reckoned[] {
  const { placing } = trunk;
  const source = facts.body?.source ?? "";
  const delta = reckoned("delta", "Difference", {
    formula: "Δ = N − P",
    terms: [
      patternMm("N", "loop needed", placing.neededMm, "computed above"),
      patternMm("P", "loop of the pattern", trunk.pattern.trunkLoop, trunk.present.words),
    ],
    result: { value: placing.deltaMm, unit: "difference" },
    notes: [`Under ${facts.leaveUnderMm} mm it is left (${facts.settingsName}). Below 0 the pattern is too long.`],
  });
  return [
    reckoned("needed", "Loop needed", neededBy(trunk, facts, source)),
    ...(trunk.strain ? [meanStrain(trunk, facts, source)] : []),
    presentLoop(trunk, working),
    delta,
    ...(placing.byPart ? TRUNK_PARTS.map((part) => partNumber(part, trunk, source)) : halves(trunk)),
  ];
}

function neededBy({ body, loop, strain: round, along, placing }: ComparedTrunk, facts: TrunkFacts, source: string) {
  if (!round)
    return {
      formula: "N = L",
      terms: [bodyMm("L", trunkName(loop), body.trunkLoop, source)],
      result: { value: placing.neededMm, unit: "length" as const },
      notes: ["Body against body: no stretch, no draw-in."],
    };
  return {
    formula: "N = L · (1 + ε)^(φ · ν) / (1 + λ)",
    terms: [
      bodyMm("L", trunkName(loop), body.trunkLoop, source),
      strain("ε", "mean strain of the garment round the trunk", round.mean, "computed below"),
      term("setting", "ratio")("φ", "part of a free strip's draw-in", facts.freedom, facts.settingsName),
      term("cloth", "ratio")("ν", "cross-contraction", along.contraction, contractionWords(along)),
      term("setting", "ratio")("λ", "strain intended along the body", along.lengthStrain, "by the chosen school"),
    ],
    result: { value: placing.neededMm, unit: "length" as const },
    notes: [
      "The same formula as every length of the ease plan, with one strain for the whole loop.",
      ...spreadWords(loop),
    ],
  };
}

const contractionWords = ({ drawIn }: ComparedTrunk["along"]): string =>
  drawIn === "notRead" ? "not read: none counted" : drawIn === "counted" ? "swatch test" : "this school takes none";

function meanStrain({ strain: round, body, loop }: ComparedTrunk, { strains }: TrunkFacts, source: string): Reckoned {
  const { bustMm, waistMm, hipMm, strapsMm, crotchMm, mean } = round as NonNullable<typeof round>;
  return reckoned("strain", "Mean strain round the trunk", {
    formula: "ε = (Lb · εb + Lw · εw + Lh · εh) / L",
    terms: [
      bodyMm("Lb", "part of the loop at the bust", bustMm, "half of the way from straps to waist"),
      strain("εb", "strain at the bust", Math.max(0, strains.bust ?? 0), "ease plan; slack counts 0"),
      bodyMm("Lw", "part at the waist", waistMm, "half of the way up and half of the way down"),
      strain("εw", "strain at the waist", Math.max(0, strains.waist ?? 0), "ease plan; slack counts 0"),
      bodyMm("Lh", "part at the hip", hipMm, "half of the way from waist to crotch"),
      strain("εh", "strain at the hip", Math.max(0, strains.hip ?? 0), "ease plan; slack counts 0"),
      bodyMm("L", trunkName(loop), body.trunkLoop, source),
    ],
    result: { value: mean, unit: "percent" },
    notes: [
      `Straps (${Math.round(strapsMm)} mm) and crotch (${Math.round(crotchMm)} mm) count 0. Straps are a fifth of the loop unless measured, the crotch a tenth.`,
    ],
  });
}

function presentLoop({ pattern, present }: ComparedTrunk, { ownReduction }: TrunkWorking): Reckoned {
  const name = "Loop of the pattern";
  const result = { value: pattern.trunkLoop, unit: "length" as const };
  if (present.drawnForMm === null || ownReduction === null)
    return reckoned("present", name, {
      formula: "P = D",
      terms: [
        patternMm(
          "D",
          present.bodyToBody ? "loop of the body it is drawn for" : "loop as drawn",
          pattern.trunkLoop,
          present.words,
        ),
      ],
      result,
    });
  return reckoned("present", name, {
    formula: "P = L · (1 − r)",
    terms: [
      bodyMm("L", "loop of the body the size is drawn for", present.drawnForMm, present.words),
      term("setting", "ratio")("r", "the pattern's own length reduction", ownReduction, "as its maker states"),
    ],
    result,
  });
}

function halves({ placing }: ComparedTrunk): Reckoned[] {
  return (["front", "back"] as const).map((side) =>
    reckoned(side, side === "front" ? "In the front" : "In the back", {
      formula: `${side} = Δ / 2`,
      terms: [term("result", "difference")("Δ", "difference of the loops", placing.deltaMm, "computed above")],
      result: { value: placing[side === "front" ? "frontMm" : "backMm"], unit: "difference" },
      notes: ["The halves school: quick, and blind to where the length is missing."],
    }),
  );
}

function partNumber(part: TrunkPart, trunk: ComparedTrunk, source: string): Reckoned {
  const { placing, body, pattern, strain: round } = trunk;
  const bodyParts = TRUNK_PARTS.map((one) => body[one] ?? 0);
  const [sum, drawn] = [bodyParts.reduce((a, b) => a + b, 0), TRUNK_PARTS.map((one) => pattern[one] ?? 0)];
  const perMm = placing.neededMm / body.trunkLoop;
  const rest = placing.deltaMm - (perMm * sum - drawn.reduce((a, b) => a + b, 0));
  const terms: Term[] = [
    bodyMm("L", "of the body", body[part] ?? 0, source),
    strain("k", "needed over body", perMm, round ? "as for the whole loop" : "body against body"),
    patternMm("P", "of the pattern", pattern[part] ?? 0, trunk.present.words),
    term("result", "difference")("R", "left over by all parts together", rest, "Δ less the sum of the parts' own"),
    bodyMm("S", "all parts of the body together", sum, source),
  ];
  return reckoned(part, TRUNK_PART_NAMES[part], {
    formula: "part = L · k − P + R · L / S",
    terms,
    result: { value: placing.byPart?.[part] ?? 0, unit: "difference" },
    notes: [
      "The loop and the sum of its parts rarely agree to the millimetre; what remains is spread by the body's lengths.",
    ],
  });
}
