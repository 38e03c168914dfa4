import { type BodyTrunk, bodyTrunk, bodyValue, largerSide, type MeasureCode, nameOf } from "../body/index.ts";
import { fail, ok, type Result } from "../result.ts";
import { type LengthCut, lengthCut } from "./lengthCut.ts";
import { schoolOf } from "./schools/index.ts";
import type { SchoolId } from "./schools/school.ts";
import type { EaseSettings } from "./settings.ts";
import type { Style, StyleLength, StyleSegment } from "./styles/style.ts";
import { trunkStrainOn } from "./trunkStrain.ts";
import type { PlannedBody } from "./zoneBody.ts";
import type { Zone } from "./zones.ts";

/** What a cloth does along the body. */
export interface ClothAlong {
  /** Usable stretch along the length; null where that direction was not tested. */
  readonly usableAlong: number | null;
  /** ν of the cloth pulled round the body; null where its width was not read. */
  readonly contraction: number | null;
}

/** One segment of a planned length. */
export interface PlannedSegment {
  readonly code: MeasureCode;
  readonly bodyMm: number;
  /** Mean strain of the garment round the body there; slack zones (below 0) do not draw in and count 0. */
  readonly girthStrain: number;
}

/** A length as planned. */
export interface PlannedLength extends LengthCut, AlongStretch {
  readonly id: string;
  readonly name: string;
  /** Body length after the drop, mm. */
  readonly bodyMm: number;
  readonly dropMm: number;
  readonly segments: readonly PlannedSegment[];
  /** Measures it runs along; of a loop its four parts. */
  readonly codes: readonly MeasureCode[];
  /** How the trunk loop came about; null for every other length. */
  readonly trunk: BodyTrunk | null;
}

/** What the lengths of a plan are worked out from. */
export interface LengthsInput {
  readonly style: Style;
  readonly body: PlannedBody;
  readonly along: ClothAlong;
  readonly settings: EaseSettings;
  /** Strain round the body by zone; null where the zone has no girth. */
  readonly strainOf: (zone: Zone) => number | null;
}

/** Every length of a style by one school: as planned, or the reason why not. */
export const planLengths = (school: SchoolId, input: LengthsInput): PlannedLengthAnswer[] =>
  input.style.lengths.map((length) => ({
    id: length.id,
    name: length.name,
    answer: planLength(school, length, input),
  }));

/** A length with its answer. */
export interface PlannedLengthAnswer {
  readonly id: string;
  readonly name: string;
  readonly answer: Result<PlannedLength>;
}

/** How a school stretches every length of a garment, and what draws it in. */
export interface AlongStretch {
  /** ε_L. */
  readonly lengthStrain: number;
  /** ν used: 0 where the school takes none or it was not read. */
  readonly contraction: number;
  readonly drawIn: "counted" | "schoolTakesNone" | "notRead" | "ofElastic";
}

/** The strain along the body and the draw-in by a school. Problem: `no-test-along`, as the school says. */
export function alongStretchBy(
  school: SchoolId,
  { style, along, settings }: Pick<LengthsInput, "style" | "along" | "settings">,
): Result<AlongStretch> {
  const { lengthStrain: strainBy, drawsIn } = schoolOf(school);
  const lengthStrain = strainBy({ family: style.family, usableAlong: along.usableAlong, settings });
  if (!lengthStrain.ok) return lengthStrain;
  return ok({
    lengthStrain: lengthStrain.value,
    contraction: drawsIn ? (along.contraction ?? 0) : 0,
    drawIn: drawsIn ? (along.contraction === null ? "notRead" : "counted") : "schoolTakesNone",
  });
}

/** Straps are stretched by the habit of their elastic, which draws in none of their length. */
const strapStretch = ({ strapStrain }: EaseSettings): AlongStretch => ({
  ...{ lengthStrain: strapStrain, contraction: 0, drawIn: "ofElastic" },
});

function planLength(school: SchoolId, length: StyleLength, input: LengthsInput): Result<PlannedLength> {
  const { style, settings } = input;
  const stretch = length.ofElastic ? ok(strapStretch(settings)) : alongStretchBy(school, input);
  if (!stretch.ok) return stretch;
  const dropMm = length.drop ? style.drops[length.drop] : 0;
  const trunk = length.loop ? bodyTrunk(input.body.values) : null;
  const planned = trunk ? loopSegment(trunk, input) : plannedSegments(length, dropMm, input);
  if (!planned.ok) return planned;
  const segments = planned.value;
  return ok({
    id: length.id,
    name: length.name,
    bodyMm: segments.reduce((sum, { bodyMm }) => sum + bodyMm, 0),
    dropMm,
    ...stretch.value,
    segments,
    codes: length.segments.map(({ code }) => code),
    trunk,
    ...lengthCut(segments, { ...stretch.value, freedom: settings.drawInFreedom }),
  });
}

function plannedSegments(length: StyleLength, dropMm: number, input: LengthsInput): Result<PlannedSegment[]> {
  const segments: PlannedSegment[] = [];
  for (const [index, wanted] of length.segments.entries()) {
    const segment = plannedSegment(wanted, index === 0 ? dropMm : 0, input);
    if (!segment.ok) return segment;
    segments.push(segment.value);
  }
  return ok(segments);
}

/** The whole loop with one mean strain: the very numbers that the torso step compares with the pattern. */
function loopSegment(trunk: BodyTrunk, { body, strainOf }: LengthsInput): Result<PlannedSegment[]> {
  const [bust, waist, hip] = [strainOf("bust"), strainOf("waist"), strainOf("hip")];
  if (bust === null || waist === null || hip === null) {
    return fail("no-girth-there", "Expected a girth at bust, waist and hip for the trunk loop, but one has none.");
  }
  const { mean } = trunkStrainOn(body.values, trunk.mm, { bust, waist, hip });
  return ok([{ code: "trunk_loop", bodyMm: trunk.mm, girthStrain: mean }]);
}

function plannedSegment(
  { code, zones }: StyleSegment,
  dropMm: number,
  { body, strainOf }: LengthsInput,
): Result<PlannedSegment> {
  const value = bodyValue(body.values, code) ?? largerSide(body.values, code)?.larger;
  if (!value)
    return fail("no-measure", `Expected ${nameOf(code, "single").toLowerCase()}, but it is not on the sheet.`);
  const bodyMm = value.mm - dropMm;
  if (bodyMm <= 0) {
    return fail("drop-too-deep", `Expected more than the drop of ${dropMm} mm, but the body has ${value.mm} mm there.`);
  }
  const strains = zones.map(strainOf);
  const unknown = strains.indexOf(null);
  if (unknown !== -1) return fail("no-girth-there", "Expected a girth at every zone of this length, but one has none.");
  const known = strains.map((strain) => Math.max(0, strain ?? 0));
  const girthStrain = known.length === 0 ? 0 : known.reduce((sum, strain) => sum + strain, 0) / known.length;
  return ok({ code, bodyMm, girthStrain });
}
