import { type Reckoned, reckoned, type Wants, wantsOf } from "../../calculation/index.ts";
import type { Drops } from "../../ease/index.ts";
import { term } from "../../explain/index.ts";
import { girthAtHeight, type LevelGirth } from "./edgeByHeight.ts";
import { dropsOf, neededRiseMm, type RiseFacts } from "./riseNeed.ts";
import type { RiseWorking } from "./working.ts";

/** Cut of a waist elastic over its edge where nothing else is chosen. */
export const WAIST_ELASTIC_RATIO = 0.92;

/** What the lapped join of a ring of elastic takes, mm. */
export const ELASTIC_JOIN_MM = 10;

type EdgeZone = "waist" | "highHip" | "hip";

const EDGE_MEASURES = { waist: "waist", highHip: "high_hip", hip: "hip" } as const;

/** Where the top edge of a bottom meets the body, its girth there, the garment's, and its elastic anew. */
export function topEdge(
  working: RiseWorking,
  facts: RiseFacts,
  wants: Wants,
): { numbers: Reckoned[]; warnings: string[] } {
  const wanted = edgeHeightMm(dropsOf(working, facts.drops));
  const left = heightIfLeft(working, facts);
  // At the waist itself no height is wanted.
  const heights = heightsOf(wanted === 0 && left === null ? wantsOf(facts.body) : wants);
  const body = levels(heights, (zone) => wants.girth(EDGE_MEASURES[zone]));
  const garment = levels(heights, (zone) => facts.garment[zone] ?? null);
  const [bodyThere, garmentThere] = [girthAtHeight(body, wanted), girthAtHeight(garment, wanted)];
  const source = facts.body?.source ?? "";
  return {
    numbers: [
      ...(bodyThere.ok ? [edgeGirth("edgeBody", "Body at the top edge", wanted, bodyThere.value, source)] : []),
      ...(garmentThere.ok ? elasticOf(wanted, garmentThere.value, working, facts) : []),
      ...(left === null ? [] : ifLeft(left, wanted, body, source)),
    ],
    warnings: body.length > 1 && !bodyThere.ok ? [bodyThere.problem.message] : [],
  };
}

/** How far the edge lies below the waist in the middle of its way round, mm: it passes front, side, back and the other side. */
const edgeHeightMm = ({ front, back, side }: Drops): number => (front + back + 2 * side) / 4;

const heightsOf = (wants: Wants): Readonly<Record<EdgeZone, number | null>> => ({
  waist: 0,
  highHip: wants.length("waist_to_high_hip"),
  hip: wants.length("waist_to_hip"),
});

function levels(
  heights: Readonly<Record<EdgeZone, number | null>>,
  girthOf: (zone: EdgeZone) => number | null,
): LevelGirth[] {
  return (["waist", "highHip", "hip"] as const).flatMap((zone) => {
    const [belowWaistMm, girthMm] = [heights[zone], girthOf(zone)];
    return belowWaistMm === null || girthMm === null ? [] : [{ belowWaistMm, girthMm }];
  });
}

/** Where the edge would sit with the pattern's rises as they are, mm below the waist; null unless both are known. */
function heightIfLeft(working: RiseWorking, facts: RiseFacts): number | null {
  const below = (["front", "back"] as const).map((side) => {
    const pattern = side === "front" ? working.frontRiseMm : working.backRiseMm;
    const needed = neededRiseMm(side, working, facts);
    const planned = facts[side];
    return pattern === null || needed === null || !planned
      ? null
      : dropsOf(working, facts.drops)[side] + (needed - pattern) / planned.cutPerMm;
  });
  const [dropFrontMm = null, dropBackMm = null] = below;
  if (dropFrontMm === null || dropBackMm === null) return null;
  return edgeHeightMm(dropsOf({ dropFrontMm, dropBackMm, dropSideMm: null }, dropsOf(working, facts.drops)));
}

const edgeGirth = (id: string, name: string, belowMm: number, girthMm: number, source: string): Reckoned =>
  reckoned(id, name, {
    formula: "B = girth at h",
    terms: [
      term("setting", "length")(
        "h",
        "top edge below the waist, in the middle of its way round",
        belowMm,
        "the drops above",
      ),
    ],
    result: { value: girthMm, unit: "length" },
    notes: [`By straight lines between waist, high hip and hip (${source}).`],
  });

/** The planned girth at the top edge, and its elastic: as it is cut over the drawn edge, until the edge is moved from there. */
function elasticOf(belowMm: number, edgeMm: number, working: RiseWorking, facts: RiseFacts): Reckoned[] {
  const edge = reckoned("edgeGarment", "Garment at the top edge, as planned", {
    formula: "E = garment at h",
    terms: [term("setting", "length")("h", "top edge below the waist", belowMm, "the drops above")],
    result: { value: edgeMm, unit: "length" },
    notes: ["By straight lines between the planned girths."],
  });
  const { drawnElastic: drawn } = facts;
  const drops = dropsOf(working, facts.drops);
  const asDrawn = drawn && (["front", "back", "side"] as const).every((at) => drawn.drops[at] === drops[at]);
  return [edge, asDrawn ? cutOverPieces(drawn.number) : cutOverPlan(edgeMm, working, drawn !== null)];
}

const ELASTIC = ["elastic", "Waist elastic, cut"] as const;

/** One number, whichever step shows it. */
function cutOverPieces({ explanation }: Reckoned): Reckoned {
  const notes = [
    "As the step Elastics cuts it: over the edge as it is drawn, which is no straight line round the body.",
  ];
  const [id, name] = ELASTIC;
  return { id, name, explanation: { ...explanation, title: name, notes: [...explanation.notes, ...notes] } };
}

function cutOverPlan(edgeMm: number, { elasticRatio }: RiseWorking, moved: boolean): Reckoned {
  const ratio = elasticRatio ?? WAIST_ELASTIC_RATIO;
  return reckoned(...ELASTIC, {
    formula: "cut = E · ρ + join",
    terms: [
      term("garment", "length")("E", "edge of the garment", edgeMm, "computed above"),
      term("setting", "ratio")(
        "ρ",
        "elastic over edge",
        ratio,
        elasticRatio === null ? "usual for a waist" : "typed here",
      ),
      term("setting", "length")("join", "lapped join", ELASTIC_JOIN_MM, "a habit"),
    ],
    result: { value: edgeMm * ratio + ELASTIC_JOIN_MM, unit: "length" },
    notes: [
      moved
        ? "An estimate by the plan: the edge is moved here from where its pieces are drawn. Kept, it is cut over the edge as it is drawn then."
        : "By the plan, until pieces are drawn: then it is cut over the edge as it is drawn, at the step Elastics.",
    ],
  });
}

function ifLeft(belowMm: number, wantedMm: number, body: readonly LevelGirth[], source: string): Reckoned[] {
  const girth = girthAtHeight(body, belowMm);
  const height = reckoned("edgeLeft", "Top edge, if the rises are left as drawn", {
    formula: "h = d + m",
    terms: [
      term("setting", "length")(
        "d",
        "wanted below the waist, in the middle of its way round",
        wantedMm,
        "the drops above",
      ),
      term("result", "difference")("m", "what the rises lack, as worn", belowMm - wantedMm, "(needed − pattern) / k"),
    ],
    result: { value: belowMm, unit: "amount" },
    notes: ["Below the waist, in the middle of its way round: what the pattern lacks in rise, the edge sits lower."],
  });
  return girth.ok ? [height, edgeGirth("edgeLeftBody", "Body there", belowMm, girth.value, source)] : [height];
}
