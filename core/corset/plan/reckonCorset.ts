import { type Reckoning, wantsOf } from "../../calculation/index.ts";
import { eatenByLayers, eatenBySeams, innerGirth, type Layers } from "../innerGirth.ts";
import { type CorsetLevel, HEIGHT_PLACES } from "../level.ts";
import { cautionOf, type ReductionCaution, reductionOf, STOP_OVER, seatedStrain } from "../reduction/caution.ts";
import { type ClosedLevel, closedLevels, type LevelBody } from "../reduction/closed.ts";
import { reductionSchool } from "../reduction/schools/index.ts";
import { bodyLevels, levelWords } from "./bodyLevels.ts";
import type { CorsetFacts } from "./corsetFacts.ts";
import type { CorsetPlan, CorsetPlanLevel } from "./corsetPlan.ts";
import { explainCorset } from "./explainCorset.ts";
import { amountOf, type Closing, type CorsetWorking, USUAL_GAP_MM } from "./working.ts";

/** What a closed garment comes to. */
export interface CorsetReckoning extends Reckoning {
  readonly plan: CorsetPlan | null;
}

/** Closed and pattern girths of a boned garment at every level, with what follows and what to be careful of. */
export function reckonCorset(working: CorsetWorking, facts: CorsetFacts): CorsetReckoning {
  const nothing = { plan: null, numbers: [], notes: [], warnings: [] };
  if (facts.levels.length === 0) return { ...nothing, lacks: [] };
  const wants = wantsOf(facts.body);
  const read = bodyLevels(working, facts, wants);
  if (!read.ok) return { ...nothing, lacks: wants.lacks, warnings: [read.problem.message] };
  const { bodies, heights, between } = read.value;
  const { waist } = bodies;
  if (!waist || facts.levels.some((level) => !bodies[level])) return { ...nothing, lacks: wants.lacks };
  if (bodies.underbust && bodies.underbust.inhaledMm === undefined && !facts.isForm) wants.girth("underbust_inhaled");
  const school = reductionSchool(working.school);
  const typed = amountOf(working);
  const amount = typed ?? school.usual({ bodyMm: waist.bodyMm, experience: working.experience });
  const closed = closedLevels({ ...working, amount, levels: { ...bodies, waist } });
  if (!closed.ok) return { ...nothing, lacks: wants.lacks, warnings: [closed.problem.message] };
  const closing = working.closing === "asStyle" ? facts.closes : working.closing;
  const gapMm = isLacedBy(closing) ? (working.gapMm ?? USUAL_GAP_MM) : 0;
  const layers = layersOf(working);
  const addedMm = addedBack(working, layers);
  const levels = closed.value.map((level): CorsetPlanLevel => {
    const patternMm = level.closedMm - gapMm + addedMm;
    return {
      ...level,
      ...{ body: bodies[level.level] ?? waist, patternMm, reduction: reductionOf(level) },
      innerMm: layers ? innerGirth(patternMm + gapMm, layers) : level.closedMm + addedMm,
    };
  });
  const narrow = levels.find(({ patternMm, innerMm }) => !(patternMm > 0 && innerMm > 0));
  if (narrow)
    return {
      ...nothing,
      lacks: wants.lacks,
      warnings: [
        `Expected something of the ${levelWords(narrow.level)} to be left, but gap and layers take all of it.`,
      ],
    };
  const closedWaist = closed.value.find(({ level }) => level === "waist") ?? { bodyMm: waist.bodyMm, closedMm: 0 };
  const plan: CorsetPlan = {
    ...{ levels, closing, gapMm, amount, layers, addedMm, heights, between },
    caution: worstCaution(closed.value, bodies, closedWaist),
    seatedStrain: waist.seatedMm === undefined ? null : seatedStrain(closedWaist.closedMm, waist.seatedMm),
    tightestMm: Math.max(waist.cinchedMm ?? 0, (1 - STOP_OVER) * waist.bodyMm),
    loosestMm: waist.bodyMm + school.loosestMm,
  };
  return {
    plan,
    headline: headlineOf(plan),
    numbers: explainCorset(plan, { working, source: facts.body?.source ?? "", typed: typed !== null }),
    lacks: wants.lacks,
    notes: notesOf(plan, facts, working),
    warnings: warningsOf(plan, facts),
  };
}

/** True where a gap is laced. */
export const isLacedBy = (closing: Closing): boolean => closing === "laced" || closing === "buskLaced";

function layersOf({ thicknessMm, bulkySeams, channels, channelThicknessMm }: CorsetWorking): Layers | null {
  if (thicknessMm === null) return null;
  return {
    thicknessMm,
    bulkySeams: bulkySeams ?? 0,
    // Channels whose thickness was not typed are not counted, and that is said.
    channels: channelThicknessMm === null ? 0 : (channels ?? 0),
    channelThicknessMm: channelThicknessMm ?? 0,
  };
}

function addedBack({ addBack }: CorsetWorking, layers: Layers | null): number {
  if (!layers || addBack === "none") return 0;
  return eatenByLayers(layers) + (addBack === "all" ? eatenBySeams(layers) : 0);
}

/** The waist decides; an underbust below its cinched reading stops as well. */
function worstCaution(
  closed: readonly ClosedLevel[],
  bodies: Readonly<Partial<Record<CorsetLevel, LevelBody>>>,
  waist: Pick<ClosedLevel, "bodyMm" | "closedMm">,
): ReductionCaution {
  const underbust = closed.find(({ level }) => level === "underbust");
  const cinched = bodies.underbust?.cinchedMm;
  if (underbust && cinched !== undefined && underbust.closedMm < cinched) return "stop";
  return cautionOf(waist, bodies.waist ?? {});
}

const percent = (part: number): string => `${(100 * part).toFixed(1)} %`;
const waistOf = ({ levels }: Pick<CorsetPlan, "levels">): CorsetPlanLevel | undefined =>
  levels.find(({ level }) => level === "waist");

function headlineOf(plan: CorsetPlan): string | null {
  const waist = waistOf(plan);
  if (!waist) return null;
  const off = waist.bodyMm - waist.closedMm;
  return off > 0
    ? `The waist closes ${off.toFixed(0)} mm smaller than the body, ${percent(waist.reduction)}.`
    : `The waist closes ${Math.abs(off).toFixed(0)} mm larger than the body: it holds, and makes nothing smaller.`;
}

function notesOf(
  { levels, heights, layers, between }: CorsetPlan,
  { isForm }: CorsetFacts,
  working: CorsetWorking,
): string[] {
  const breath = levels.find(({ by }) => by === "noBreath");
  return [
    ...(isForm
      ? [
          "On a form: it neither squashes nor breathes. A right corset may not close on it; judge reduction and breath on the wearer.",
        ]
      : breath
        ? ["No reduction at the underbust: no reading breathed in was taken, so that a breath is sure."]
        : []),
    ...(heights
      ? []
      : [`Heights at ${HEIGHT_PLACES.join(", ")} between the levels are wanted before panels can be drawn.`]),
    ...(layers
      ? []
      : ["How thick all layers are together was not typed: nothing is added for what they eat of the girth."]),
    ...(working.channels !== null && working.channelThicknessMm === null
      ? ["How thick a channel with its bone is was not typed: what the channels eat is not counted."]
      : []),
    ...netNotes(working),
    ...(between ? ["The body at the lower edge was read between high hip and hip: a tape laid there is surer."] : []),
  ];
}

/** Layers of net by what they are for. */
function netNotes({ netStrength, netTone }: CorsetWorking): string[] {
  const [strength, tone] = [netStrength ?? 0, netTone ?? 0];
  if (strength + tone === 0) return [];
  return [
    `Net of the inner corset: ${strength} for strength, ${tone} for the skin’s tone, ${strength + tone} cut. A net that still gives is no corset net.`,
  ];
}

function warningsOf(plan: CorsetPlan, { isForm }: CorsetFacts): string[] {
  const waist = waistOf(plan);
  if (!waist) return [];
  const { cinchedMm } = waist.body;
  return [
    ...(waist.closedMm > plan.loosestMm ? ["Too loose: the bones carry nothing and buckle."] : []),
    ...(plan.caution === "stop"
      ? [
          cinchedMm !== undefined && waist.closedMm < cinchedMm
            ? `Stop: the waist closes ${(cinchedMm - waist.closedMm).toFixed(0)} mm below what the body offers (cinched ${cinchedMm.toFixed(0)} mm). Stenz never proposes this.`
            : `Stop: ${percent(waist.reduction)} off the waist. Above 15 %, or below what the body offers, Stenz never proposes a reduction.`,
        ]
      : []),
    ...(plan.caution === "typedOnly"
      ? [
          `${percent(waist.reduction)} off the waist is more than is ever proposed. It is yours to decide, with the wearer: short wears, loosened at any discomfort.`,
        ]
      : []),
    ...(plan.seatedStrain !== null && waist.reduction > 0 && plan.seatedStrain > MUCH_SEATED
      ? [`Seated the waist wants ${percent(plan.seatedStrain)} more than the closed garment has: try it sitting.`]
      : []),
    ...(waist.reduction > 0 && cinchedMm === undefined && !isForm
      ? ["No cinched reading: what the body offers is not known. Draw the tape as tight as is comfortable, and read."]
      : []),
  ];
}

/** From this strain on, sitting is warned of. */
const MUCH_SEATED = 0.12;
