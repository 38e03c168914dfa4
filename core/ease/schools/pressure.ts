import { strainAt, type TensionCurve, tensionAt } from "../../cloth/index.ts";
import { fail, ok, type Result } from "../../result.ts";
import { NEAR_LIMIT_SHARE } from "../consequences.ts";
import { pressureBandOf, pressureKpa, tensionForPressure } from "../pressure.ts";
import { shareAlong } from "./lengthStrain.ts";
import type { School, SchoolInput } from "./school.ts";
import { shareFor } from "./share.ts";

/**
 * Target pressure: the ring law gives the tension for a mean pressure, the curve's inverse the strain, `G = B/(1 + ε)`.
 *
 * Problems: `no-curve`; `unreachable` where the curve never pulls that hard; those of {@link proposedPressureKpa}
 * where no pressure was chosen.
 */
export const pressureSchool: School = {
  id: "pressure",
  name: "Target pressure",
  summary: "The girth that presses as hard as you choose.",
  blindTo: "A mean: flat places press less, hip bones and hems more.",
  formula: "G = B / (1 + ε)",
  girth(input) {
    const curve = curveOf(input);
    if (!curve.ok) return curve;
    const kpa = input.pressureKpa === undefined ? proposedPressureKpa(input) : ok(input.pressureKpa);
    if (!kpa.ok) return kpa;
    const { strain } = strainAt(curve.value, tensionForPressure(kpa.value, input.bodyMm));
    if (strain === null) {
      return fail(
        "unreachable",
        `Expected a pressure this cloth can give, but it never reaches ${told(kpa.value)} kPa.`,
      );
    }
    return ok({
      exactMm: input.bodyMm / (1 + strain),
      habit: kpa.value,
      ownHabit: input.pressureKpa !== undefined,
    });
  },
  heldByStableCloth: false,
  drawsIn: true,
  goesByLiked: false,
  lengthStrain: shareAlong,
  declines: refusedProposal,
  terms: ({ bodyMm, girth: { habit, ownHabit, exactMm }, sources }) => [
    {
      symbol: "ε",
      meaning: "smallest strain at which the cloth pulls with T",
      value: bodyMm / exactMm - 1,
      unit: "ratio",
      kind: "cloth",
      source: sources.wear,
    },
    {
      symbol: "p",
      meaning: "mean pressure wanted",
      value: habit,
      unit: "pressure",
      kind: "setting",
      source: ownHabit ? "chosen for this zone" : "the workshop’s target, or what the share school gives here",
    },
    {
      symbol: "T",
      meaning: "tension that presses so, p · B / (2 · π)",
      value: tensionForPressure(habit, bodyMm),
      unit: "tension",
      kind: "result",
      source: "the ring law",
    },
  ],
};

/**
 * The pressure to start from: the workshop's target for the family and zone, else what the share school gives,
 * `2π T(u s)/B`, a known place.
 *
 * Problems: `no-curve`, and `no-share-for-zone` where the family has no share for the zone.
 */
export function proposedPressureKpa(input: SchoolInput): Result<number> {
  const curve = curveOf(input);
  if (!curve.ok) return curve;
  const target = input.settings.pressureTargetsKpa[input.family][input.zone];
  if (target !== undefined) return ok(target);
  const share = shareFor(input);
  if (!share.ok) return share;
  return ok(pressureKpa(tensionAt(curve.value, share.value * input.usable).tensionNPerM, input.bodyMm));
}

/** The pressure at 0.6 of the usable stretch: more than that this cloth cannot give in comfort. Problem: `no-curve`. */
export function mostPressureKpa(input: Pick<SchoolInput, "wear" | "usable" | "bodyMm">): Result<number> {
  const curve = curveOf(input);
  if (!curve.ok) return curve;
  return ok(pressureKpa(tensionAt(curve.value, NEAR_LIMIT_SHARE * input.usable).tensionNPerM, input.bodyMm));
}

/**
 * Refuses to propose a pressure of the band *stop*; the maker may still choose one, with the caution shown.
 *
 * @returns null where there is nothing to refuse, else `pressure-not-proposed`.
 */
export function refusedProposal(input: SchoolInput): ReturnType<typeof fail> | null {
  if (input.pressureKpa !== undefined) return null;
  const kpa = proposedPressureKpa(input);
  if (!kpa.ok || pressureBandOf(kpa.value, input.zone) !== "stop") return null;
  return fail(
    "pressure-not-proposed",
    `To start from, that would be ${told(kpa.value)} kPa here. Stenz does not propose that; choose a pressure yourself.`,
  );
}

const curveOf = ({ wear }: Pick<SchoolInput, "wear">): Result<TensionCurve> =>
  wear ? ok(wear) : fail("no-curve", "Expected a load ladder of every layer round the body, but there is none.");

const told = (kpa: number): string => String(Number(kpa.toFixed(2)));
