import type { Reckoning } from "../calculation/index.ts";
import type { Style } from "../ease/index.ts";
import {
  type Reckonings,
  reckonWorking,
  type WorkingFacts,
  type WorkingId,
  type Workings,
  workingsOfStep,
} from "../workings/index.ts";
import type { Standing, Step } from "./steps.ts";

/** The workings of a job and which of them were kept. */
export interface WorkingsSoFar {
  readonly workings: Workings;
  readonly kept: readonly WorkingId[];
  readonly facts: WorkingFacts;
}

/** The steps of a job that its style needs for torso, cups and band; none for what it has not. */
export function workingSteps(style: Pick<Style, "lengths" | "zones" | "family">, soFar: WorkingsSoFar): Step[] {
  const torso = workingsOfStep(style, "torso");
  const cups = workingsOfStep(style, "cups");
  const band = workingsOfStep(style, "band");
  const bra = band.includes("band");
  const bandName = band.includes("wire") ? "Band and wire" : bra ? "Band and straps" : "Straps";
  return [
    ...(torso.length > 0
      ? [{ id: "torso" as const, name: "Torso", ...torsoStanding(torso.includes("trunk"), soFar) }]
      : []),
    ...(cups.length > 0 ? [{ id: "cups" as const, name: "Cups", ...cupStanding(cups, bra, soFar) }] : []),
    ...(band.length > 0 ? [{ id: "band" as const, name: bandName, ...bandStanding(band, soFar) }] : []),
  ];
}

const reckon = <Id extends WorkingId>(id: Id, { workings, facts }: WorkingsSoFar): Reckonings[Id] =>
  reckonWorking(id, workings[id], facts[id]);

function torsoStanding(hasTrunk: boolean, soFar: WorkingsSoFar): Standing {
  if (!hasTrunk) return { state: "done", words: soFar.kept.includes("rise") ? "rises compared" : "rises by the plan" };
  if (!soFar.kept.includes("trunk")) return { state: "next", words: "compare the trunk" };
  const { trunk, placements } = reckon("trunk", soFar);
  if (!trunk) return { state: "missing", words: "something lacking" };
  if (!trunk.placing.act) return { state: "done", words: "the length agrees" };
  const open = placements.flatMap(({ linked }) => linked).filter(({ ticked }) => !ticked).length;
  const mm = Math.round(trunk.placing.deltaMm);
  const amount = `${mm > 0 ? "+" : "−"}${Math.abs(mm)} mm`;
  if (open > 0) return { state: "look", words: `${amount}, ${open} linked to tick` };
  return { state: "done", words: `${amount}, placed` };
}

function cupStanding(own: readonly WorkingId[], bra: boolean, soFar: WorkingsSoFar): Standing {
  const cup = reckon("cup", soFar);
  if (cup.warnings.length > 0) return { state: "look", words: "the sides differ" };
  const { room } = reckon("bustRoom", soFar);
  if (room?.verdict === "needed" && !soFar.kept.includes("bustRoom")) return { state: "look", words: "room is needed" };
  const kept = own.some((id) => soFar.kept.includes(id));
  if (kept) return { state: "done", words: "worked out" };
  return bra ? { state: "next", words: "not worked out yet" } : { state: "done", words: "if it needs room" };
}

function bandStanding(own: readonly WorkingId[], soFar: WorkingsSoFar): Standing {
  const kept = own.filter((id) => soFar.kept.includes(id));
  const reckonings: Reckoning[] = kept.map((id) => reckon(id, soFar));
  const warnings = reckonings.reduce((sum, reckoning) => sum + reckoning.warnings.length, 0);
  if (warnings > 0) return { state: "look", words: warnings === 1 ? "1 thing to mend" : `${warnings} things to mend` };
  if (kept.length === 0)
    return own.includes("band")
      ? { state: "next", words: "not worked out yet" }
      : { state: "done", words: "if it has straps" };
  return {
    state: "done",
    words: kept.length === own.length ? "worked out" : `${kept.length} of ${own.length} worked out`,
  };
}
