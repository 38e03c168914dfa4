import { type ClosedGarment, type Reckoned, type Reckoning, wantsOf } from "../calculation/index.ts";
import { capital } from "../capital.ts";
import type { Draft } from "../drafting/index.ts";
import { ok, type Result } from "../result.ts";
import { backEdge } from "./backEdge.ts";
import type { BonesFacts } from "./bonesFacts.ts";
import type { CutBone } from "./cutBone.ts";
import { cutTo } from "./cutTo.ts";
import { explainBone, explainClosure, JOIN_MM, type LacedEyelets } from "./explainBones.ts";
import { placeRows, type Rows, USUAL_PITCH_MM } from "./eyelets.ts";
import { BONE_KINDS, type BoneKind, opensOf, type PlacedBone, placeBones, ruledBones } from "./placeBones.ts";
import type { BonesWorking } from "./working.ts";
import { type ZipEnd, zipEnd } from "./zipLength.ts";

/** One line of what is bought: bones of one kind and length. */
export interface BoneToBuy {
  readonly kind: BoneKind;
  readonly lengthMm: number;
  readonly count: number;
  readonly where: string;
}

/** A level of the closing line, marked. */
export interface ClosingMark {
  readonly level: string;
  readonly name: string;
  /** Half of the closed girth, from the marked centre to either side, mm. */
  readonly halfMm: number;
  /** Null where it was not marked on the body. */
  readonly leftMm: number | null;
  readonly rightMm: number | null;
}

/** What bones and closure come to. */
export interface BonesReckoning extends Reckoning {
  readonly bones: readonly CutBone[];
  /** Those the rules place and this garment does without. */
  readonly leftOut: readonly PlacedBone[];
  readonly toBuy: readonly BoneToBuy[];
  readonly rows: Rows | null;
  readonly zip: ZipEnd | null;
  readonly line: readonly ClosingMark[];
}

/** A garment with the skirt that hangs from it, down to the hip: a zip goes on into that. */
function withSkirt(closed: ClosedGarment, { skirtHip }: BonesFacts): ClosedGarment {
  if (!skirtHip || !closed.heights) return closed;
  const { belowMm, bodyMm, closedMm } = skirtHip;
  const hip = { level: "skirtHip", name: "Hip, in the skirt", bodyMm, closedMm, patternMm: closedMm };
  const height = { front: belowMm, side: belowMm, back: belowMm };
  return { ...closed, levels: [...closed.levels, hip], heights: { ...closed.heights, skirtHip: height } };
}

/** Bones, waist tape and what closes a boned garment, from its drawn panels. */
export function reckonBones(working: BonesWorking, facts: BonesFacts): BonesReckoning {
  const { draft, closed } = facts;
  const nothing = { bones: [], leftOut: [], toBuy: [], rows: null, zip: null, line: [], numbers: [], notes: [] };
  const wants = wantsOf(null);
  if (!closed) wants.plan("Needs a reduction: it decides every girth the panels are drawn to.", "corset");
  if (closed && !draft) wants.plan("Needs kept panels: bones lie on their seams. Draw them under Pieces.", "pieces");
  if (!closed || !draft) return { ...nothing, lacks: wants.lacks, warnings: [] };
  const opens = opensOf(closed);
  const bones = placeBones(draft, working, opens).map((bone) => cutTo(bone, working));
  const short = bones.filter(({ lengthMm }) => lengthMm === null);
  const placed = closed.laced ? eyeletsOf(draft, working, closed) : null;
  const eyelets = placed?.ok ? placed.value : null;
  const zip = closed.laced || facts.usable === null ? null : zipEnd(withSkirt(closed, facts), facts.usable);
  const strange = working.own.filter(
    ({ panel, across }) =>
      panel !== null && (!Number.isInteger(panel) || panel > draft.pieces.length || across === null),
  );
  const numbers = [
    ...bones.flatMap((bone): Reckoned[] => explainBone(bone, working)),
    ...explainClosure({ closed, working, draft, zip, facts, eyelets }),
  ];
  const joined = numbers.find(({ id }) => id === "skirt")?.explanation.result.value ?? 0;
  return {
    bones,
    leftOut: ruledBones(draft, working, opens).filter(({ id }) => working.without.includes(id)),
    toBuy: buy(bones),
    rows: eyelets?.rows ?? null,
    zip,
    line: lineOf(closed, working),
    numbers,
    lacks: [],
    headline: headlineOf(bones),
    notes: [
      "Nothing sharp at an end: tips or filed ends; hot-cut plastic only with the window open and away from the skin.",
      "A channel covers its seam: trim the allowance there to 6 mm. Where bones reach the edge, seams stop short of them.",
      ...(zip
        ? [
            "An invisible zip is replaced, not mended: narrow interfacing on both edges, strong thread, not tight against the coil.",
          ]
        : []),
      ...(draft.pieces.some(({ darts = [] }) => darts.length > 0) ? ["No bone lies across a dart."] : []),
    ],
    warnings: [
      ...short.map(({ name }) => `${name}: its channel is too short for the shortest bone.`),
      ...(placed && !placed.ok ? [placed.problem.message] : []),
      ...(Math.abs(joined) > JOIN_MM
        ? [
            `The skirt is ${Math.abs(joined).toFixed(0)} mm ${joined > 0 ? "longer" : "shorter"} than the bodice where they are joined: the lower edge has to lie at the hip, or one of the two is drawn anew.`,
          ]
        : []),
      ...strange.map(
        ({ panel, across }) =>
          `Expected a panel from 1 to ${draft.pieces.length} and how far across it a bone by hand lies, but got panel ${panel}, ${across ?? "nothing"} across.`,
      ),
    ],
  };
}

/** Where it is laced, with what the lace must pass; null where the panels have no such edge. */
function eyeletsOf(draft: Draft, working: BonesWorking, closed: ClosedGarment): Result<LacedEyelets> | null {
  const edge = backEdge(draft);
  if (!edge) return null;
  const wanted = working.rows === null ? { pitchMm: working.pitchMm ?? USUAL_PITCH_MM } : { rows: working.rows };
  const rows = placeRows(edge, wanted);
  if (!rows.ok) return rows;
  const passMm = closed.opensInFront ? null : Math.max(...closed.levels.map(({ bodyMm }) => bodyMm));
  const patternMm = Math.min(...closed.levels.map((level) => level.patternMm));
  return ok({ rows: rows.value, lengthMm: edge.lengthMm, passMm, patternMm });
}

function buy(bones: readonly CutBone[]): BoneToBuy[] {
  const lines = new Map<string, BoneToBuy>();
  for (const { kind, lengthMm, count, name } of bones) {
    if (lengthMm === null) continue;
    const key = `${kind} ${lengthMm}`;
    const line = lines.get(key);
    const where = name.toLowerCase();
    lines.set(
      key,
      line
        ? { ...line, count: line.count + count, where: `${line.where}, ${where}` }
        : { kind, lengthMm, count, where: capital(where) },
    );
  }
  return [...lines.values()].toSorted((a, b) => a.kind.localeCompare(b.kind) || b.lengthMm - a.lengthMm);
}

const lineOf = (closed: ClosedGarment, { marked }: BonesWorking): ClosingMark[] =>
  closed.levels.map(({ level, name, closedMm }) => {
    const own = marked.find((one) => one.level === level);
    return { level, name, halfMm: closedMm / 2, leftMm: own?.leftMm ?? null, rightMm: own?.rightMm ?? null };
  });

function headlineOf(bones: readonly CutBone[]): string {
  const count = bones.reduce((sum, bone) => sum + (bone.lengthMm === null ? 0 : bone.count), 0);
  const kinds = [...new Set(bones.map(({ kind }) => BONE_KINDS[kind]))].join(" and ");
  return `${count} bones, both sides together: ${kinds}.`;
}
