import { Type } from "typebox";
import {
  boneLength,
  CORSET_LEVELS,
  cautionOf,
  changePerEdge,
  closedLevels,
  eatenByLayers,
  GAP_PLACES,
  innerGirth,
  isParallel,
  laceLength,
  lacingBand,
  lacingPressure,
  lacingTension,
  openGap,
  PARALLEL_MM,
  panelWidths,
  reductionOf,
  SEAM_WEIGHTS,
  seatedStrain,
} from "../corset/index.ts";
import { fail, ok } from "../result.ts";
import { computeKind } from "./computeKind.ts";
import { alongMm, amountMm, lengthMm, part } from "./numbers.ts";

const levelBody = () =>
  Type.Object(
    {
      body: lengthMm(),
      inhaled: Type.Optional(lengthMm()),
      cinched: Type.Optional(lengthMm()),
      seated: Type.Optional(lengthMm()),
      reduction: Type.Optional(amountMm()),
    },
    { additionalProperties: false },
  );

const levelBodies = () =>
  Type.Object(
    {
      ...Object.fromEntries(CORSET_LEVELS.map((level) => [level, Type.Optional(levelBody())])),
      waist: levelBody(),
    },
    { additionalProperties: false },
  );

/** `corset`: the closed girths and pattern girths of a boned garment, with its caution. */
export const corsetKind = computeKind({
  kind: "corset",
  input: Type.Object(
    {
      experience: Type.Enum(["first", "experienced"]),
      school: Type.Enum(["mm", "percent", "ease"]),
      amount: Type.Optional(amountMm()),
      gap: alongMm(),
      levels: levelBodies(),
    },
    { additionalProperties: false },
  ),
  compute({ experience, school, amount, gap, levels: given }) {
    const bodies = given as Record<
      string,
      { body: number; inhaled?: number; cinched?: number; seated?: number; reduction?: number }
    >;
    const told = Object.entries(bodies).map(([level, { body, inhaled, cinched, seated, reduction }]) => [
      level,
      {
        bodyMm: body,
        ...(inhaled === undefined ? {} : { inhaledMm: inhaled }),
        ...(cinched === undefined ? {} : { cinchedMm: cinched }),
        ...(seated === undefined ? {} : { seatedMm: seated }),
        ...(reduction === undefined ? {} : { reductionMm: reduction }),
      },
    ]);
    const levels = Object.fromEntries(told);
    const closed = closedLevels({ experience, school, levels, ...(amount === undefined ? {} : { amount }) });
    if (!closed.ok) return closed;
    const narrow = closed.value.find(({ closedMm }) => !(closedMm - gap > 0));
    if (narrow)
      return fail(
        "gap-too-wide",
        `Expected a gap below the closed ${narrow.level} of ${narrow.closedMm} mm, but got ${gap}.`,
      );
    const waist = closed.value.find(({ level }) => level === "waist");
    if (!waist) return fail("missing", "Expected a waist.");
    const { seated } = bodies.waist ?? {};
    return ok({
      levels: Object.fromEntries(
        closed.value.map((level) => [
          level.level,
          { closed: level.closedMm, pattern: level.closedMm - gap, reduction: reductionOf(level) },
        ]),
      ),
      caution: cautionOf(waist, levels.waist),
      ...(seated === undefined ? {} : { seatedStrain: seatedStrain(waist.closedMm, seated) }),
    });
  },
});

/** `lacing`: what a pull in the lace comes to. */
export const lacingKind = computeKind({
  kind: "lacing",
  input: Type.Object(
    { pull: Type.Number({ minimum: 0, maximum: 1000 }), gap: alongMm(), pitch: lengthMm(), closed: lengthMm() },
    { additionalProperties: false },
  ),
  compute({ pull, gap, pitch, closed }) {
    const tension = lacingTension({ pullN: pull, gapMm: gap, pitchMm: pitch });
    const pressure = lacingPressure(tension, closed);
    return ok({ tension, pressure, band: lacingBand(pressure) });
  },
});

/** `panels`: widths of the panels of one side at every level. */
export const panelsKind = computeKind({
  kind: "panels",
  input: Type.Object(
    {
      shares: Type.Array(part(), { minItems: 2, maxItems: 20 }),
      levels: Type.Record(Type.String({ maxLength: 40 }), lengthMm()),
      base: Type.String({ maxLength: 40 }),
      weights: Type.Union([
        Type.Enum(SEAM_WEIGHTS.map(({ id }) => id).filter((id) => id !== "own")),
        Type.Array(Type.Number({ minimum: 0, maximum: 1000 }), { maxItems: 20 }),
      ]),
      sideSeam: Type.Integer({ minimum: 1, maximum: 20 }),
    },
    { additionalProperties: false },
  ),
  compute({ shares, levels, base, weights, sideSeam }) {
    if (!Object.hasOwn(levels, base))
      return fail(
        "unknown-level",
        `Expected the base to be one of ${Object.keys(levels).join(", ")}, but got “${base}”.`,
      );
    const listed = Array.isArray(weights);
    const panels = panelWidths({
      ...{ shares, base, sideSeam, girthsMm: levels },
      ...(listed ? { weights: "own", own: weights } : { weights }),
    });
    if (!panels.ok) return panels;
    const widths = Object.entries(panels.value).map(([level, row]) => [level, row.map(({ widthMm }) => widthMm)]);
    return ok({ widths: Object.fromEntries(widths) });
  },
});

/** `layers`: what thick layers, seams and channels eat of a pattern girth. */
export const layersKind = computeKind({
  kind: "layers",
  input: Type.Object(
    {
      pattern: lengthMm(),
      thickness: alongMm(),
      bulkySeams: Type.Optional(Type.Integer({ minimum: 0, maximum: 200 })),
      channels: Type.Optional(Type.Integer({ minimum: 0, maximum: 200 })),
      channelThickness: Type.Optional(alongMm()),
    },
    { additionalProperties: false },
  ),
  compute({ pattern, thickness, bulkySeams = 0, channels = 0, channelThickness }) {
    if (channels > 0 && channelThickness === undefined)
      return fail("missing", "Expected channelThickness, as there are channels.");
    const layers = { thicknessMm: thickness, bulkySeams, channels, channelThicknessMm: channelThickness ?? 0 };
    const inner = innerGirth(pattern, layers);
    if (!(inner > 0)) return fail("nothing-left", `Expected a girth above 0 within the layers, but it is ${inner} mm.`);
    return ok({ inner, addBack: eatenByLayers(layers) });
  },
});

/** `bone`: the bone for a channel. */
export const boneKind = computeKind({
  kind: "bone",
  input: Type.Object(
    { channel: lengthMm(), turned: Type.Optional(alongMm()), step: lengthMm() },
    { additionalProperties: false },
  ),
  compute({ channel, turned = 0, step }) {
    const length = boneLength(channel, turned, step);
    return length.ok ? ok({ length: length.value }) : length;
  },
});

/** `lace`: how much lace a laced garment takes. */
export const laceKind = computeKind({
  kind: "lace",
  input: Type.Object(
    {
      rows: Type.Integer({ minimum: 1, maximum: 200 }),
      pitch: lengthMm(),
      pattern: lengthMm(),
      pass: lengthMm(),
    },
    { additionalProperties: false },
  ),
  compute({ rows, pitch, pattern, pass }) {
    const gap = openGap(pattern, pass);
    return ok({ openGap: gap, length: laceLength({ rows, pitchMm: pitch, openGapMm: gap }) });
  },
});

const byPlace = <Value extends Parameters<typeof Type.Optional>[0]>(value: () => Value) =>
  Type.Object({ top: value(), waist: value(), bottom: value() }, { additionalProperties: false });

/** `gapShape`: what each seam edge takes so that a laced gap becomes parallel and comes to its target. */
export const gapShapeKind = computeKind({
  kind: "gapShape",
  input: Type.Object(
    {
      gap: byPlace(alongMm),
      target: alongMm(),
      seams: byPlace(() => Type.Integer({ minimum: 1, maximum: 40 })),
      tolerance: Type.Optional(alongMm()),
    },
    { additionalProperties: false },
  ),
  compute({ gap, target, seams, tolerance = PARALLEL_MM }) {
    const perEdge = GAP_PLACES.map((place) => [place, changePerEdge(gap[place], target, seams[place])]);
    return ok({ perEdge: Object.fromEntries(perEdge), parallel: isParallel(gap, tolerance) });
  },
});
