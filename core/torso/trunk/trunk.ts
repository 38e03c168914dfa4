import { bodyTrunk, TRUNK_PARTS, type TrunkPart } from "../../body/index.ts";
import { type BodyFacts, known, type Lack, type Reckoning, type Wants, wantsOf } from "../../calculation/index.ts";
import { type AlongStretch, trunkStrainOn } from "../../ease/index.ts";
import type { ComparedTrunk } from "./comparedTrunk.ts";
import { explainTrunk } from "./explainTrunk.ts";
import { type Placement, placementsOf } from "./placements.ts";
import { presentOf } from "./presentLoop.ts";
import type { TrunkFacts } from "./trunkFacts.ts";
import { placeTrunkLength, type TrunkPlacing } from "./trunkLoop.ts";
import type { TrunkWorking } from "./working.ts";

/** A trunk with its placements. */
export interface TrunkReckoning extends Reckoning {
  /** Null where something is lacking. */
  readonly trunk: ComparedTrunk | null;
  readonly placements: readonly Placement[];
}

/** No stretch and no draw-in: body is held against body. */
const AS_WORN: AlongStretch = { lengthStrain: 0, contraction: 0, drawIn: "schoolTakesNone" };

/** Compares the trunk of a body with a pattern's, and says where which piece gets how much. */
export function reckonTrunk(working: TrunkWorking, facts: TrunkFacts): TrunkReckoning {
  const wants = wantsOf(facts.body);
  const trunk = compareTrunk(working, facts, wants);
  if (!trunk) return { numbers: [], lacks: wants.lacks, notes: [], warnings: [], trunk, placements: [] };
  const placements = placementsOf(trunk.placing, working, facts.innerLayers);
  return {
    numbers: explainTrunk(trunk, working, facts),
    lacks: trunk.placing.missing.length > 0 ? partLacks(trunk, wants) : [],
    headline: headlineOf(trunk.placing, facts),
    notes: notesOf(trunk, working),
    warnings: [],
    trunk,
    placements,
  };
}

function compareTrunk(working: TrunkWorking, facts: TrunkFacts, wants: Wants): ComparedTrunk | null {
  const loop = bodyTrunk(facts.body?.values ?? []);
  const loopMm = loop ? loop.mm : wants.length("trunk_loop");
  const present = presentOf(working, facts, wants);
  const bodyToBody = present?.bodyToBody ?? false;
  const stretch = bodyToBody ? { along: AS_WORN, strain: null } : stretchOf(loopMm, facts, wants);
  if (loop === null || loopMm === null || present === null || stretch === null) return null;
  const body = { trunkLoop: loopMm, ...partsOf(facts.body) };
  const { along, strain } = stretch;
  const placing = placeTrunkLength(working.school, {
    body,
    pattern: present.loop,
    stretch: { ...along, girthStrain: strain?.mean ?? 0, freedom: facts.freedom },
    leaveUnderMm: facts.leaveUnderMm,
  });
  return { placing, loop, body, pattern: present.loop, present, bodyToBody, strain, along };
}

const PART_MEASURES = {
  frontWaist: "front_waist",
  crotchFront: "crotch_front",
  crotchBack: "crotch_back",
  backWaist: "back_waist",
} as const;

/** The parts of a body's trunk that were taken, mm. */
export function partsOf(body: BodyFacts | null): Partial<Record<TrunkPart, number>> {
  const quiet = wantsOf(body);
  return Object.fromEntries(
    TRUNK_PARTS.flatMap((part) => {
      const mm = quiet.length(PART_MEASURES[part]);
      return mm === null ? [] : [[part, mm]];
    }),
  );
}

/** What the segments school would still need, on the body's side and on the pattern's. */
function partLacks({ body, pattern, placing }: ComparedTrunk, wants: Wants): readonly Lack[] {
  for (const part of placing.missing) {
    if (body[part] === undefined) wants.length(PART_MEASURES[part]);
    if (pattern[part] === undefined) wants.entry(null, PART_ENTRIES[part]);
  }
  return wants.lacks;
}

const PART_ENTRIES: Readonly<Record<TrunkPart, string>> = {
  frontWaist: "the pattern’s front, shoulder to waist",
  crotchFront: "the pattern’s front, waist to crotch",
  crotchBack: "the pattern’s back, crotch to waist",
  backWaist: "the pattern’s back, waist to nape",
};

function stretchOf(loopMm: number | null, { body, strains, along }: TrunkFacts, wants: Wants) {
  const given = known(strains);
  if (!given) return wants.plan("Needs a planned girth at bust, waist and hip: choose a school in the ease plan.");
  if (!along) return wants.plan("Needs a chosen school: it decides the stretch along the body.");
  if (!along.ok) return wants.plan(along.problem.message);
  if (loopMm === null) return null;
  return { along: along.value, strain: trunkStrainOn(body?.values ?? [], loopMm, given) };
}

function headlineOf({ deltaMm, act }: TrunkPlacing, { leaveUnderMm }: TrunkFacts): string {
  const mm = Math.round(Math.abs(deltaMm));
  if (!act) return `The lengths agree within ${leaveUnderMm} mm: leave it.`;
  return deltaMm > 0
    ? `The pattern is ${mm} mm too short in the trunk.`
    : `The pattern is ${mm} mm too long in the trunk.`;
}

function notesOf({ placing, bodyToBody, along }: ComparedTrunk, { school }: TrunkWorking): string[] {
  return [
    ...(placing.school === school
      ? []
      : ["Placed half front, half back until all four parts are known on both sides."]),
    ...(bodyToBody
      ? ["Compared body to body: the pattern’s own length reduction is not known, so nothing is taken for stretch."]
      : []),
    ...(along.drawIn === "notRead"
      ? ["No draw-in is counted: the width of the cloth was not read while it was pulled."]
      : []),
  ];
}
