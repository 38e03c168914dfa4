import type { BandFacts, ShelfElastic } from "../band/band/madeBand.ts";
import type { StrapFacts } from "../band/strap/reckonStrap.ts";
import { type BodyFacts, wantsOf } from "../calculation/wants.ts";
import type { CupFacts } from "../cups/cup/reckonCup.ts";
import type { BustRoomFacts } from "../cups/room/reckonBustRoom.ts";
import type { Consequences } from "../ease/consequences.ts";
import { alongStretchBy } from "../ease/planLengths.ts";
import type { Zone } from "../ease/zones.ts";
import type { Result } from "../result.ts";
import type { PlannedRise, RiseFacts } from "../torso/rise/riseNeed.ts";
import type { ChartLoops, TrunkFacts, WrapLoop } from "../torso/trunk/trunkFacts.ts";
import { hasTrunk } from "../workings/workings.ts";
import type { JobIngredients, PlannedJob } from "./planJob.ts";

/** What each calculation of a job is reckoned from beside what the maker enters. */
export interface WorkingFacts {
  readonly trunk: TrunkFacts;
  readonly rise: RiseFacts;
  readonly bustRoom: BustRoomFacts;
  readonly dart: { readonly body: BodyFacts | null };
  readonly cup: CupFacts;
  readonly label: { readonly body: BodyFacts | null };
  readonly band: BandFacts;
  readonly strap: StrapFacts;
  readonly closure: null;
  readonly wire: { readonly body: BodyFacts | null };
}

/** What is read beside a job for its calculations. */
export interface BesideJob {
  /** How explanations name sheet and settings. */
  readonly sheetName: string;
  readonly settingsName: string;
  readonly isForm: boolean;
  readonly wraps: readonly WrapLoop[];
  readonly elastics: readonly ShelfElastic[];
  readonly chartBust: BustRoomFacts["chartBust"];
  readonly chartLoops: ChartLoops | null;
}

/** Gathers the facts of all calculations of a job. */
export function workingFacts(ingredients: JobIngredients, { planned }: PlannedJob, beside: BesideJob): WorkingFacts {
  const { sheet, settings } = ingredients;
  const { settingsName, elastics } = beside;
  const body: BodyFacts | null = sheet && {
    values: sheet.values,
    tape: sheet.tape,
    fingerAllowanceMm: settings.fingerAllowanceMm,
    source: beside.sheetName,
  };
  return {
    trunk: trunkFacts(ingredients, planned, body, beside),
    rise: riseFacts(ingredients, planned, body),
    bustRoom: {
      body,
      chartBust: beside.chartBust,
      usable: planned?.stretch.usable ?? null,
      plannedGarmentMm: chosenAt(planned, "bust")?.garmentMm ?? null,
      draftedDifferenceMm: settings.draftedDifferenceMm,
      settingsName,
    },
    dart: { body },
    cup: { body, cupStrain: settings.cupStrain, settingsName },
    label: { body },
    band: {
      body,
      isForm: beside.isForm,
      plannedStrain: bandStrain(ingredients, planned),
      usable: planned?.stretch.usable ?? null,
      wear: planned?.stretch.wear ?? null,
      elastics,
    },
    strap: { body, strapStrain: settings.strapStrain, settingsName, elastics },
    closure: null,
    wire: { body },
  };
}

/** What the girth chosen in a zone does; null where none was, or the style has no such zone. */
const chosenAt = (planned: PlannedJob["planned"], zone: Zone): Consequences | null =>
  planned?.plan.zones.find((one) => one.zone === zone)?.chosen?.consequences ?? null;

/** The strain a band's wings are planned with. */
function bandStrain({ job }: JobIngredients, planned: PlannedJob["planned"]): number | null {
  // A girth of one's own may be the band's, rigid parts and all: then the school still says how far wings stretch.
  if (job.zones.underbust?.by !== "own") return chosenAt(planned, "underbust")?.strain ?? null;
  const plan = planned?.plan.zones.find(({ zone }) => zone === "underbust");
  const answer = job.school ? plan?.bySchool[job.school] : undefined;
  return answer?.ok ? answer.value.consequences.strain : null;
}

function trunkFacts(
  { job, style, settings, layers }: JobIngredients,
  planned: PlannedJob["planned"],
  body: BodyFacts | null,
  { settingsName, wraps, chartLoops }: BesideJob,
): TrunkFacts {
  const strainAt = (zone: Zone) => chosenAt(planned, zone)?.strain ?? null;
  const stretch = planned?.stretch;
  return {
    body,
    strains: { bust: strainAt("bust"), waist: strainAt("waist"), hip: strainAt("hip") },
    along:
      job.school && stretch
        ? alongStretchBy(job.school, {
            style,
            settings,
            along: { usableAlong: stretch.usableAlong, contraction: stretch.contraction },
          })
        : null,
    freedom: settings.drawInFreedom,
    leaveUnderMm: settings.leaveLengthUnderMm,
    settingsName,
    innerLayers: (layers ?? []).slice(1).map(({ cloth }) => cloth.name),
    wraps,
    chart: chartLoops,
  };
}

function riseFacts({ job, style }: JobIngredients, planned: PlannedJob["planned"], body: BodyFacts | null): RiseFacts {
  const lengths = job.school ? planned?.plan.lengths[job.school] : undefined;
  const answer = (id: string) => lengths?.find((length) => length.id === id)?.answer;
  const front = answer("frontRise");
  const garment = (["waist", "highHip", "hip"] as const).flatMap((zone) => {
    const mm = chosenAt(planned, zone)?.garmentMm;
    return mm === undefined ? [] : [[zone, mm] as const];
  });
  return {
    body,
    drops: style.drops,
    front: riseOf(front, "crotch_front", body),
    back: riseOf(answer("backRise"), "crotch_back", body),
    noPlan: front
      ? front.ok
        ? null
        : front.problem.message
      : "Needs a chosen school: it decides the stretch along the body.",
    garment: Object.fromEntries(garment),
    ownTopEdge: !hasTrunk(style),
  };
}

function riseOf(
  answer: Result<{ readonly bodyMm: number; readonly cutMm: number }> | undefined,
  code: "crotch_front" | "crotch_back",
  body: BodyFacts | null,
): PlannedRise | null {
  const bodyMm = wantsOf(body).length(code);
  return answer?.ok && bodyMm !== null ? { bodyMm, cutPerMm: answer.value.cutMm / answer.value.bodyMm } : null;
}
