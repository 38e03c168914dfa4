import { Type } from "typebox";
import { ok } from "../result.ts";
import {
  advise,
  GAVE,
  KEPT_WIDTH,
  LOOKS,
  neededStretch,
  POSITIONS,
  seamStretch,
  seamVerdict,
  threadOf,
  zigzagStretch,
} from "../seams/index.ts";
import { computeKind } from "./computeKind.ts";
import { lengthMm, part, stretch, wornStrain } from "./numbers.ts";

const dial = () => Type.Number({ minimum: 0, maximum: 100 });

/** `seam`: a seam that was pulled, against what it needs. */
export const seamKind = computeKind({
  kind: "seam",
  input: Type.Object(
    {
      gauge: lengthMm(),
      length: lengthMm(),
      gave: Type.Enum([...GAVE]),
      zones: Type.Array(wornStrain(), { maxItems: 40 }),
      pullOn: Type.Optional(wornStrain()),
      usable: stretch(),
    },
    { additionalProperties: false },
  ),
  compute({ gauge, length, gave, zones, pullOn, usable }) {
    const needed = neededStretch(pullOn === undefined ? zones : [...zones, pullOn]);
    const tried = seamStretch(length, gauge);
    return ok({ stretch: tried, needed, verdict: seamVerdict({ stretch: tried, needed, usable, gave }) });
  },
});

/** `zigzag`: how far a zigzag stretches, before it is sewn. */
export const zigzagKind = computeKind({
  kind: "zigzag",
  input: Type.Object(
    {
      width: Type.Number({ minimum: 0, maximum: 100 }),
      stitchLength: lengthMm(),
      thread: Type.Enum(["spun", "textured"]),
      steps: Type.Enum([1, 3]),
      kept: Type.Optional(part()),
    },
    { additionalProperties: false },
  ),
  compute: ({ width, stitchLength, thread, steps, kept = KEPT_WIDTH }) => {
    const { extension } = threadOf(thread === "spun" ? "spun" : "texturedPolyester");
    return ok({
      stretch: zigzagStretch({ widthMm: width, lengthMm: stitchLength, extension, steps, kept }),
    });
  },
});

/** `seamAdvice`: the one thing to change after a trial. */
export const seamAdviceKind = computeKind({
  kind: "seamAdvice",
  input: Type.Object(
    {
      gave: Type.Enum([...GAVE]),
      look: Type.Enum([...LOOKS]),
      looperThread: Type.Enum(["plain", "textured"]),
      clothClass: Type.Enum(["stable", "light", "moderate", "high", "power"]),
      tensions: Type.Partial(Type.Object(Object.fromEntries(POSITIONS.map((one) => [one, dial()])))),
      base: Type.Optional(dial()),
      stitchLength: lengthMm(),
      differential: Type.Union([Type.Number({ minimum: 0, maximum: 10 }), Type.Null()]),
      stretch: wornStrain(),
      needed: stretch(),
    },
    { additionalProperties: false },
  ),
  compute({ looperThread, stitchLength, base = USUAL_BASE, ...seen }) {
    const { change, to } = advise({
      ...{ ...seen, base, stitchLengthMm: stitchLength, texturedLoopers: looperThread === "textured" },
    });
    return ok({ change, to });
  },
});

/** Where a balanced seam begins on most dials. */
const USUAL_BASE = 4;
