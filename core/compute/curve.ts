import { type Static, Type } from "typebox";
import {
  evaluateLadder,
  type LadderResult,
  SHIPPED_CLOTH_SETTINGS,
  strainAt,
  type TensionThere,
  tensionAt,
  usableStretch,
  wearTensionAt,
} from "../cloth/index.ts";
import { fail, ok, type Result } from "../result.ts";
import { computeKind } from "./computeKind.ts";
import { lengthMm } from "./numbers.ts";

/** Strongest force a script may give, N. */
const STRONGEST_N = 1e5;

/** A load ladder as a script gives it. */
export const ladderSchema = () =>
  Type.Object(
    {
      form: Type.Enum(["strip", "loop"]),
      width: lengthMm(),
      gauge: lengthMm(),
      steps: Type.Array(
        Type.Object(
          {
            force: Type.Number({ minimum: 0, maximum: STRONGEST_N }),
            length: lengthMm(),
            phase: Type.Optional(Type.Enum(["load", "unload"])),
          },
          { additionalProperties: false },
        ),
        { minItems: 1, maxItems: 500 },
      ),
    },
    { additionalProperties: false },
  );

/** A hand test as a script gives it. */
export const handSchema = () => Type.Object({ gauge: lengthMm(), length: lengthMm() }, { additionalProperties: false });

/** Evaluates a script's ladder. Problems as {@link evaluateLadder}. */
export function evaluateGiven(test: Static<ReturnType<typeof ladderSchema>>, recovered?: number): Result<LadderResult> {
  return evaluateLadder({
    form: test.form as "strip" | "loop",
    widthMm: test.width,
    gaugeMm: test.gauge,
    steps: test.steps.map(({ force, length, phase }) => ({
      forceN: force,
      lengthMm: length,
      phase: phase === "unload" ? "unload" : "load",
      cycle: 1,
    })),
    afterMm: recovered ?? null,
    after30MinMm: null,
    neckIn: null,
  });
}

/** Usable stretch of a script's hand test; a length that does not stretch is a problem. */
export function givenHand(hand: Static<ReturnType<typeof handSchema>> | undefined): Result<number | null> {
  if (!hand) return ok(null);
  const usable = hand.length / hand.gauge - 1;
  return usable > 0
    ? ok(usable)
    : fail("not-stretched", `Expected more than the gauge of ${hand.gauge}, but got ${hand.length}.`);
}

/** Reference tension of the scripting interface, N/m. */
export const SCRIPT_REFERENCE = SHIPPED_CLOTH_SETTINGS.referenceNPerM.knit;

const told = ({ tensionNPerM, beyondTest }: TensionThere) => ({ tension: tensionNPerM, beyondTest });

const strains = () => Type.Array(Type.Number({ minimum: -0.99, maximum: 50 }), { maxItems: 1000 });

/** `curve`: a ladder's curve, its inverse, its wear curve, usable stretch, growth and recovery. */
export const curveKind = computeKind({
  kind: "curve",
  input: Type.Object(
    {
      test: ladderSchema(),
      hand: Type.Optional(handSchema()),
      strains: strains(),
      tensions: Type.Array(Type.Number({ minimum: 0, maximum: 1e9 }), { maxItems: 1000 }),
      recovered: Type.Optional(lengthMm()),
    },
    { additionalProperties: false },
  ),
  compute(input) {
    const evaluated = evaluateGiven(input.test, input.recovered);
    if (!evaluated.ok) return evaluated;
    const hand = givenHand(input.hand);
    if (!hand.ok) return hand;
    const { loading, growth, recovery } = evaluated.value;
    const usable = usableStretch(hand.value, loading, SCRIPT_REFERENCE);
    return ok({
      points: loading.cubic.points.map((point) => [...point]),
      tensionAt: input.strains.map((strain) => told(tensionAt(loading, strain))),
      strainAt: input.tensions.map((tension) => strainAt(loading, tension)),
      wearAt: input.strains.map((strain) => {
        const wear = wearTensionAt(evaluated.value, strain, SHIPPED_CLOTH_SETTINGS.wearFactor);
        return { ...told(wear), basis: wear.basis };
      }),
      usable: usable?.usable ?? null,
      usableBasis: usable?.basis ?? null,
      growth,
      recovery,
    });
  },
});
