import { type BodyFacts, known, type Reckoned, type Reckoning, reckoned, wantsOf } from "../../calculation/index.ts";
import { term } from "../../explain/index.ts";
import { SEAM_TOLERANCE_MM } from "../../torso/index.ts";
import { dartFromGap, type TurnedDart } from "./dartFromGap.ts";
import type { DartWorking } from "./working.ts";

/** The apex on the pattern, from the centre front and from the high shoulder point, mm. */
export interface Apex {
  readonly fromCentreMm: number;
  readonly downMm: number;
}

/** A dart with what is drawn of it. */
export interface DartReckoning extends Reckoning {
  readonly dart: (TurnedDart & { readonly sewnMm: number }) | null;
  readonly apex: Readonly<Partial<Record<"left" | "right", Apex>>>;
}

const typed = term("finding", "amount");

/** Turns a gape into a dart in another seam and checks that the edge still meets its neighbour. */
export function reckonDart(working: DartWorking, { body }: { readonly body: BodyFacts | null }): DartReckoning {
  const wants = wantsOf(body);
  const given = known({
    widthMm: wants.entry(working.widthMm, "the width of the gape"),
    toApexMm: wants.entry(working.toApexMm, "from the gape’s edge to the apex"),
    newToApexMm: wants.entry(working.newToApexMm, "from the new seam to the apex"),
    stopMm: wants.entry(working.stopMm, "where the point stops (12 mm small, 25 full or stiff)"),
  });
  const turned = given ? dartFromGap(given.widthMm, given.toApexMm, given.newToApexMm) : null;
  const apex = apexOf(working, body);
  const placed = (["left", "right"] as const).flatMap((side) => apexNumbers(side, apex[side], working, body));
  const common = { lacks: wants.lacks, notes: [], apex };
  if (!given || !turned?.ok)
    return { ...common, numbers: placed, warnings: turned && !turned.ok ? [turned.problem.message] : [], dart: null };
  const sewnMm = given.newToApexMm - given.stopMm;
  if (sewnMm <= 0)
    return {
      ...common,
      numbers: placed,
      warnings: ["The point would stop before the dart begins: the new seam is too near the apex."],
      dart: null,
    };
  const match = matching(working, turned.value.widthMm);
  return {
    ...common,
    numbers: [...dartNumbers(given, turned.value, sewnMm), ...match.numbers, ...placed],
    warnings: match.warnings,
    dart: { ...turned.value, sewnMm },
  };
}

type Given = Record<"widthMm" | "toApexMm" | "newToApexMm" | "stopMm", number>;

const dartNumbers = (
  { widthMm, toApexMm, newToApexMm, stopMm }: Given,
  dart: TurnedDart,
  sewnMm: number,
): Reckoned[] => [
  reckoned("angle", "Angle of the dart", {
    formula: "θ = 2 · asin(d / (2 · a))",
    terms: [typed("d", "gape at the edge", widthMm, "pinched"), typed("a", "edge to apex", toApexMm, "measured")],
    result: { value: dart.angleDeg, unit: "degrees" },
  }),
  reckoned("width", "Width in the new seam", {
    formula: "d′ = 2 · b · sin(θ / 2)",
    terms: [
      typed("b", "new seam to apex", newToApexMm, "measured"),
      term("result", "degrees")("θ", "angle", dart.angleDeg, "computed above"),
    ],
    result: { value: dart.widthMm, unit: "amount" },
    notes: ["The edge where the gape was is trued to one smooth line; the pinch must not stay as a corner."],
  }),
  reckoned("sewn", "Sewn length, to where the point stops", {
    formula: "sewn = b − stop",
    terms: [
      typed("b", "new seam to apex", newToApexMm, "measured"),
      term("setting", "amount")("stop", "before the apex", stopMm, "12 small, 25 full or stiff"),
    ],
    result: { value: sewnMm, unit: "amount" },
  }),
];

function matching({ ownEdgeMm, neighbourMm }: DartWorking, widthMm: number) {
  if (ownEdgeMm === null || neighbourMm === null) return { numbers: [], warnings: [] };
  const left = ownEdgeMm - widthMm - neighbourMm;
  const number = reckoned("match", "Edge with the dart closed, over its neighbour", {
    formula: "match = E − d′ − N",
    terms: [
      term("garment", "amount")("E", "edge that takes the dart", ownEdgeMm, "typed here"),
      term("result", "amount")("d′", "width of the dart", widthMm, "computed above"),
      term("garment", "amount")("N", "edge it is sewn to", neighbourMm, "typed here"),
    ],
    result: { value: left, unit: "difference" },
    notes: ["An edge that takes a dart needs that much more length first, or it comes out short."],
  });
  if (Math.abs(left) <= SEAM_TOLERANCE_MM) return { numbers: [number], warnings: [] };
  const words =
    left < 0
      ? `With the dart closed this edge is ${Math.round(-left)} mm shorter than its neighbour: add that length first.`
      : `With the dart closed this edge is ${Math.round(left)} mm longer than its neighbour: ease it in, or take it off.`;
  return { numbers: [number], warnings: [words] };
}

function apexOf({ movedOutMm, movedDownMm }: DartWorking, body: BodyFacts | null): DartReckoning["apex"] {
  const quiet = wantsOf(body);
  const span = quiet.length("apex_span");
  const place = (side: "left" | "right"): Apex | null => {
    const down = quiet.length("shoulder_to_apex", side);
    return span === null || down === null
      ? null
      : { fromCentreMm: span / 2 + (movedOutMm ?? 0), downMm: down + (movedDownMm ?? 0) };
  };
  const [left, right] = [place("left"), place("right")];
  return { ...(left ? { left } : {}), ...(right ? { right } : {}) };
}

function apexNumbers(
  side: "left" | "right",
  apex: Apex | undefined,
  { movedOutMm, movedDownMm }: DartWorking,
  body: BodyFacts | null,
): Reckoned[] {
  if (!apex) return [];
  const source = body?.source ?? "";
  const [out, down] = [movedOutMm ?? 0, movedDownMm ?? 0];
  return [
    reckoned(`apexOut-${side}`, `Apex ${side}, from the centre front`, {
      formula: "x = span / 2 + dx",
      terms: [
        term("body", "length")("span", "apex to apex", 2 * (apex.fromCentreMm - out), source),
        term("finding", "difference")("dx", "moved outwards", out, "at the fitting"),
      ],
      result: { value: apex.fromCentreMm, unit: "length" },
      notes: ["A moved apex moves the dart point and the fullest part of the cup with it."],
    }),
    reckoned(`apexDown-${side}`, `Apex ${side}, below the high shoulder point`, {
      formula: "y = A + dy",
      terms: [
        term("body", "length")("A", "shoulder to apex", apex.downMm - down, source),
        term("finding", "difference")("dy", "moved down", down, "at the fitting"),
      ],
      result: { value: apex.downMm, unit: "length" },
      notes: ["A moved apex moves the dart point and the fullest part of the cup with it."],
    }),
  ];
}
