import { type ClosedGarment, type Lack, type Reckoning, wantsOf } from "../calculation/index.ts";
import {
  CORSET_LEVEL_NAMES,
  type LacingBand,
  lacingBand,
  lacingPressure,
  lacingTension,
  lacingWords,
} from "../corset/index.ts";
import { explainGap, explainGirth, explainPull, explainSettled, explainWorn } from "./explainWear.ts";
import { firstWears, type PlannedWear } from "./firstWears.ts";
import { type GapRead, gapAtLevels, gapRead } from "./gapRead.ts";
import type { PullRead } from "./pullRead.ts";
import type { WearFacts } from "./wearFacts.ts";
import type { ClosedOn, GirthRow, PullRow, SettlingRow, WearRow, WearWorking } from "./working.ts";
import type { GirthRead, LevelWorn, Settled, WearRead } from "./worn.ts";

/** What closing and wearing come to. */
export interface WearReckoning extends Reckoning {
  readonly targetMm: number | null;
  readonly laced: boolean;
  readonly levels: readonly LevelWorn[];
  readonly gaps: readonly GapRead[];
  readonly pulls: readonly PullRead[];
  readonly wears: readonly WearRead[];
  readonly girths: readonly GirthRead[];
  readonly planned: readonly PlannedWear[];
}

/** Gaps, pulls and wears of a boned garment, against what was planned. */
export function reckonWear(working: WearWorking, { closed, seams, isForm }: WearFacts): WearReckoning {
  const wants = wantsOf(null);
  if (!closed) wants.plan("Needs a reduction: what is read is held against it.", "corset");
  const [wears, girths] = [working.wears.map(wearRead), working.girths.map(girthRead)];
  // A wear that was stopped is none to go on from.
  const planned = working.startOn === null || wears.at(-1)?.stop ? [] : firstWears(working.startOn);
  const warnings = stopsOf(wears);
  const nothing = {
    levels: [],
    gaps: [],
    pulls: [],
    numbers: [...wears.flatMap(explainSettled), ...girths.flatMap(explainGirth)],
    notes: [],
    targetMm: null,
    laced: false,
  };
  if (!closed) return { ...nothing, wears, girths, planned, lacks: wants.lacks, warnings };
  const targetMm = working.targetMm ?? closed.gapMm;
  const gaps = working.gaps.flatMap((row, at) => gapRead(row, at, targetMm, seams) ?? []);
  const pulls = closed.laced ? working.pulls.flatMap((row, at) => pullRead(row, at, working, closed) ?? []) : [];
  if (gaps.length > 0 && seams === null)
    wants.plan("Needs kept panels: what each seam edge takes goes by their number.", "pieces");
  const levels = levelsWorn(closed, gaps);
  return {
    ...{ targetMm, laced: closed.laced, levels, gaps, pulls, wears, girths, planned },
    numbers: [
      ...gaps.flatMap((read) => explainGap(read, targetMm, seams)),
      ...levels.flatMap((level) => explainWorn(level, closed.gapMm)),
      ...pulls.flatMap(explainPull),
      ...wears.flatMap(explainSettled),
      ...girths.flatMap(explainGirth),
    ],
    lacks: [...wants.lacks, ...pitchLack(working, closed)],
    headline: headlineOf(gaps),
    notes: [
      ...(isForm || gaps.some(({ who }) => who === "form")
        ? ["A form neither squashes nor breathes: a right garment may not close on it."]
        : []),
    ],
    warnings: [...warnings, ...hardPulls(pulls), ...strangeLevels(working, closed)],
  };
}

/** A pull says nothing without how far the eyelets lie apart. */
const pitchLack = ({ pulls, pitchMm }: WearWorking, { laced }: ClosedGarment): Lack[] =>
  laced && pitchMm === null && pulls.some(({ pullN }) => pullN !== null)
    ? [{ what: "entry", name: "how far the eyelets lie apart" }]
    : [];

/** What was read at a level this garment does not have says nothing of it. */
const strangeLevels = ({ pulls, girths }: WearWorking, { levels }: ClosedGarment): string[] =>
  [
    ...pulls.map(({ level, pullN }, at) => ({ level, read: pullN !== null, what: `pull ${at + 1}` })),
    ...girths.map(({ level, ...row }, at) => ({
      ...{ level, what: `level ${at + 1} of the wears` },
      read: settledOf(row, at).firstMm !== null,
    })),
  ].flatMap(({ level, read, what }) =>
    !read || levels.some((one) => one.level === level)
      ? []
      : [
          `Expected ${what} at one of ${levels.map(({ name }) => name.toLowerCase()).join(", ")}, but got the ${CORSET_LEVEL_NAMES[level].toLowerCase()}.`,
        ],
  );

const lastOn = (gaps: readonly GapRead[], who: ClosedOn): GapRead | null =>
  gaps.findLast((read) => read.who === who) ?? null;

function levelsWorn(closed: ClosedGarment, gaps: readonly GapRead[]): LevelWorn[] {
  const [form, wearer] = [lastOn(gaps, "form"), lastOn(gaps, "wearer")];
  const [formGaps, wearerGaps] = [form && gapAtLevels(closed, form), wearer && gapAtLevels(closed, wearer)];
  return closed.levels.map(({ level, name, bodyMm, closedMm }, at) => {
    const closedBy = (read: readonly number[] | null) => {
      const gap = read?.[at];
      return gap === undefined ? null : closedMm - closed.gapMm + gap;
    };
    return {
      ...{ level, name, bodyMm, plannedMm: closedMm },
      ...{ onFormMm: closedBy(formGaps), onWearerMm: closedBy(wearerGaps), gapMm: wearerGaps?.[at] ?? null },
    };
  });
}

function pullRead(row: PullRow, at: number, { pitchMm }: WearWorking, closed: ClosedGarment): PullRead | null {
  const there = closed.levels.find(({ level }) => level === row.level);
  if (row.pullN === null || row.gapMm === null || pitchMm === null || !there) return null;
  const closedMm = there.closedMm - closed.gapMm + row.gapMm;
  const tensionNPerM = lacingTension({ pullN: row.pullN, gapMm: row.gapMm, pitchMm });
  const pressureKpa = lacingPressure(tensionNPerM, closedMm);
  return {
    ...{ at, on: row.on, level: there.name, after: row.after, pullN: row.pullN, gapMm: row.gapMm, pitchMm },
    ...{ plannedMm: there.closedMm, plannedGapMm: closed.gapMm, closedMm, tensionNPerM, pressureKpa },
    band: lacingBand(pressureKpa),
  };
}

function settledOf({ at0Mm, at10Mm, at30Mm, at120Mm }: SettlingRow, at: number): Settled {
  const read = [at0Mm, at10Mm, at30Mm, at120Mm].filter((mm) => mm !== null);
  const [firstMm = null, lastMm = null] = [read[0], read.at(-1)];
  return {
    ...{ at, firstMm, lastMm },
    settledMm: read.length > 1 && firstMm !== null && lastMm !== null ? firstMm - lastMm : null,
  };
}

const wearRead = (row: WearRow, at: number): WearRead => ({
  ...row,
  ...settledOf(row, at),
  stop: whyStopped(row).length > 0,
});

/** Words of a note that say what no tick did. */
const TOLD_IN_NOTE: readonly (readonly [RegExp, string])[] = [
  [/\b(numb|numbness|tingl\w*|pins and needles)\b/i, "the note says numb or tingling"],
  [/\b(faint|dizzy|breathless|short of breath)\b/i, "the note says faint or breathless"],
  [/\b(heartburn|pain|painful|hurts?)\b/i, "the note says pain or heartburn"],
  [/\bcan(not|['’]t| not) (speak|breathe|talk)/i, "the note says that breath or speech fails"],
];

/** Why a wear is stopped, in words; nothing where it went well. */
const whyStopped = ({ speaks, breathes, marks, numb, comfort, note }: WearRow): string[] => [
  ...(numb ? ["numbness, faintness or pain was felt"] : []),
  ...(speaks ? [] : ["a long sentence cannot be spoken"]),
  ...(breathes ? [] : ["no full breath can be taken"]),
  ...(marks === "stays" ? ["marks stay"] : []),
  ...(comfort !== null && comfort <= POOR_COMFORT ? ["it is not comfortable"] : []),
  ...TOLD_IN_NOTE.flatMap(([said, words]) => (said.test(note) ? [words] : [])),
];

/** What is done at once, and who is asked. */
const STOP_CARE =
  "Loosen it at once at pain, numbness, tingling, breathlessness, faintness or heartburn; let it out before it is worn again, and never press on. Where it does not pass at once, or with a condition of lung, heart, gut, spine or circulation, ask a clinician before it is laced again.";

const girthRead = (row: GirthRow, at: number): GirthRead => ({
  ...row,
  ...settledOf(row, at),
  name: CORSET_LEVEL_NAMES[row.level],
});

/** A wear this uncomfortable is none to go on from. */
const POOR_COMFORT = 2;

function stopsOf(wears: readonly WearRead[]): string[] {
  const last = wears.at(-1);
  if (!last?.stop) return [];
  return [`Stop: at the last wear ${whyStopped(last).join(", ")}. No further wear is planned from it. ${STOP_CARE}`];
}

/** Words of the hardest band that was read; nothing for what holds without pressing hard. */
function hardPulls(pulls: readonly PullRead[]): string[] {
  const hard: readonly LacingBand[] = ["stop", "reducing"];
  const worst = hard.find((band) => pulls.some((pull) => pull.band === band));
  return worst ? [`${worst === "stop" ? "Stop" : "Reducing"}: ${lacingWords(worst).care}`] : [];
}

function headlineOf(gaps: readonly GapRead[]): string | null {
  const last = gaps.at(-1);
  if (!last) return null;
  if (last.good) return "The gap is parallel, and as wanted: good.";
  const { top, waist, bottom } = last.gap;
  return last.parallel
    ? "The gap is parallel, but not as wide as wanted."
    : `The gap is not parallel: ${[top, waist, bottom].map((mm) => mm.toFixed(0)).join(", ")} mm at top, waist and bottom.`;
}
