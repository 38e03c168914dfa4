import { ok } from "../../result.ts";
import type { EaseSettings } from "../settings.ts";
import { readStraightLine } from "../straightLine.ts";
import type { Zone } from "../zones.ts";
import type { School } from "./school.ts";
import { habitTerm, usableTerm } from "./terms.ts";

/** Usable stretches between which the cut per quarter runs from ease added, over none, to cloth taken. */
const STABLE_UP_TO = 0.1;
const NEITHER_AT = 0.15;
const STRETCHY_FROM = 0.25;

/** The cut per quarter c (mm) for a zone and a usable stretch; negative adds ease. */
export function fixedCutFor(zone: Zone, usable: number, settings: EaseSettings): number {
  const { stretchy, stable } = settings.fixedCutMm[zone];
  return readStraightLine(
    [
      [STABLE_UP_TO, stable],
      [NEITHER_AT, 0],
      [STRETCHY_FROM, stretchy],
    ],
    usable,
  );
}

/** Fixed cut: each quarter loses c mm, `G = 4 (B/4 − c)`. */
export const fixedSchool: School = {
  id: "fixed",
  name: "Fixed cut",
  summary: "Each quarter loses the same few millimetres.",
  blindTo: "Blind to the size of the body, and to the cloth above 25 % stretch.",
  formula: "G = 4 · (B/4 − c)",
  girth({ zone, bodyMm, usable, settings, cutMm }) {
    const cut = cutMm ?? fixedCutFor(zone, usable, settings);
    return ok({ exactMm: 4 * (bodyMm / 4 - cut), habit: cut });
  },
  heldByStableCloth: false,
  drawsIn: false,
  goesByLiked: false,
  lengthStrain: () => ok(0),
  terms: (input) => [
    habitTerm("c", `taken off each quarter at the ${input.zone}, by the stretch of the cloth`, "amount", input),
    usableTerm(input),
  ],
};
