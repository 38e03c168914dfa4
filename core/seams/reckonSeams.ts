import type { Lack, Reckoned, Reckoning } from "../calculation/index.ts";
import { type Advice, advise, type Evidence } from "./adviser/index.ts";
import { changedSetup, type SetupChange } from "./changedSetup.ts";
import { explainNeeded, explainTried } from "./explainSeam.ts";
import type { JobSeam } from "./jobSeams.ts";
import { perCent } from "./perCent.ts";
import { isNeedle } from "./position.ts";
import { neededStretch, type SeamVerdict, seamStretch, seamVerdict } from "./seamStretch.ts";
import type { SeamsFacts } from "./seamsFacts.ts";
import { threadOf } from "./thread.ts";
import type { SeamTrial } from "./trial.ts";
import { type SeamsWorking, trialInUse } from "./working.ts";

/** A seam of the job with what it needs, and how what it is sewn with does. */
export interface SeamNeed {
  readonly seam: JobSeam;
  /** Ratio. */
  readonly needed: number;
  /** By the set-up in use; null while none is. */
  readonly verdict: SeamVerdict | null;
}

/** A trial with what it says. */
export interface TrialRead {
  readonly trial: SeamTrial;
  /** Ratio. */
  readonly stretch: number;
  /** Of all seams of the job; null while nothing is planned. */
  readonly needed: number | null;
  readonly verdict: SeamVerdict | null;
  /** What is otherwise than in the trial before. */
  readonly changes: readonly SetupChange[];
  /** How it did beside the trial before, and whether one can tell why; null for the first. */
  readonly told: string | null;
  /** What to change next; null while it is not known what is needed, and where no set-up helps. */
  readonly advice: Advice | null;
  /** Why no set-up helps: the cloth itself ends before what is needed. Null where it does not. */
  readonly clothEnds: string | null;
  /** How far it stayed stretched after 60 s, ratio; null where it was not read. */
  readonly kept: number | null;
}

/** The seams of a job with their trials. */
export interface SeamsReckoning extends Reckoning {
  readonly seams: readonly SeamNeed[];
  readonly trials: readonly TrialRead[];
  /** The most any seam needs, ratio; null while nothing is planned. */
  readonly needed: number | null;
  readonly inUse: TrialRead | null;
}

/** Reads every trial of a job against what its seams need. */
export function reckonSeams(working: SeamsWorking, facts: SeamsFacts): SeamsReckoning {
  const lacks: Lack[] = facts.planned
    ? []
    : [
        {
          what: "plan",
          message: "Needs an ease plan with a chosen school: what a seam needs comes from how far it is stretched.",
        },
      ];
  const needs = facts.seams.flatMap((seam) => {
    const strains = strainsOf(seam);
    return strains.length === 0 ? [] : [{ seam, needed: neededStretch(strains) }];
  });
  const needed = needs.length === 0 ? null : Math.max(...needs.map((one) => one.needed));
  const trials = working.trials.map((trial, at) => readTrial(trial, working.trials[at - 1] ?? null, needed, facts));
  const used = trialInUse(working);
  const inUse = trials.find(({ trial }) => trial === used) ?? null;
  const seams = needs.map(({ seam, needed: own }) => ({
    ...{ seam, needed: own },
    verdict: inUse ? verdictOf(inUse.trial, own, facts.usable) : null,
  }));
  return {
    ...{ seams, trials, needed, inUse, lacks, notes: [] },
    numbers: [...seams.map(needNumber), ...trials.map(triedNumber)],
    warnings: warningsOf(seams, inUse),
  };
}

/** Everything a seam is stretched by: worn, and put on. */
const strainsOf = ({ worn, pulled }: JobSeam): number[] => [worn, pulled].flatMap((one) => (one ? [one.strain] : []));

const verdictOf = (trial: SeamTrial, needed: number, usable: number | null): SeamVerdict =>
  seamVerdict({
    ...{ stretch: seamStretch(trial.lengthMm, trial.gaugeMm), needed, usable },
    ...{ gave: trial.gave, look: trial.look },
  });

function readTrial(
  trial: SeamTrial,
  before: SeamTrial | null,
  needed: number | null,
  { usable, clothClass }: SeamsFacts,
): TrialRead {
  const stretch = seamStretch(trial.lengthMm, trial.gaugeMm);
  const changes = before ? changedSetup(before.setup, trial.setup) : [];
  const clothEnds = needed === null ? null : clothEndsIn(trial, stretch, needed);
  return {
    ...{ trial, stretch, needed, changes, clothEnds },
    verdict: needed === null ? null : verdictOf(trial, needed, usable),
    told: before ? toldBeside(stretch - seamStretch(before.lengthMm, before.gaugeMm), changes) : null,
    advice: needed === null || clothEnds ? null : advise(evidenceOf(trial, { stretch, needed, clothClass })),
    kept: trial.restMm === null ? null : trial.restMm / trial.gaugeMm - 1,
  };
}

/** A seam cannot go further than the cloth it is in: what that lacks no dial gives. */
const clothEndsIn = ({ gave }: SeamTrial, stretch: number, needed: number): string | null =>
  gave === "cloth" && stretch < needed
    ? `The cloth itself ends at ${perCent(stretch)}, where ${perCent(needed)} are needed: no set-up cures that. Plan more ease there, or take another cloth.`
    : null;

/** Two trials are alike where their seams stretch this near to one another. */
const ALIKE = 0.02;

function toldBeside(more: number, changes: readonly SetupChange[]): string {
  const way = Math.abs(more) < ALIKE ? "as far" : more > 0 ? "further" : "less far";
  if (changes.length === 0) return `Nothing was changed, and it goes ${way}.`;
  if (changes.length > 1)
    return `It goes ${way}; ${changes.length} things were changed at once: cannot tell which helped.`;
  return `It goes ${way}.`;
}

function evidenceOf(
  { setup, gave, look }: SeamTrial,
  own: Pick<Evidence, "stretch" | "needed" | "clothClass">,
): Evidence {
  const under = setup.threads.filter(({ position }) => !isNeedle(position));
  return {
    ...own,
    ...{ gave, look, base: setup.dialBase, stitchLengthMm: setup.lengthMm, differential: setup.differential },
    texturedLoopers: under.length > 0 && under.every(({ kind }) => threadOf(kind).textured),
    tensions: Object.fromEntries(
      setup.threads.flatMap(({ position, tension }) => (tension === null ? [] : [[position, tension]])),
    ),
  };
}

const needNumber = ({ seam }: SeamNeed): Reckoned => ({
  id: `need.${seam.id}`,
  name: `Needed at the ${seam.name}`,
  explanation: explainNeeded(seam),
});

const triedNumber = ({ trial }: TrialRead): Reckoned => ({
  id: `trial.${trial.id}`,
  name: `Stretch of trial ${trial.id}`,
  explanation: explainTried(trial),
});

function warningsOf(seams: readonly SeamNeed[], inUse: TrialRead | null): string[] {
  if (!inUse) return [];
  const failing = seams.filter(({ verdict }) => verdict === "fail").map(({ seam }) => seam.name);
  return failing.length === 0
    ? []
    : [
        inUse.clothEnds
          ? `At ${failing.join(", ")} the cloth ends before what is needed, however it is sewn: plan more ease there, or take another cloth.`
          : `Sewn with the set-up of trial ${inUse.trial.id}, ${failing.join(", ")} would break before the cloth: try further.`,
      ];
}
