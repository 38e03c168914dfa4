import { type ClosedGarment, type Reckoned, reckoned } from "../calculation/index.ts";
import { BONE_FREE_MM, boneLength, LACE_SPARE_MM, LEAST_OPEN_MM, laceLength, openGap } from "../corset/index.ts";
import { type Draft, edgeLength, edgeOf, lengthOfEdge } from "../drafting/index.ts";
import { term } from "../explain/index.ts";
import { allRound } from "./allRound.ts";
import { backEdge } from "./backEdge.ts";
import type { BonesFacts } from "./bonesFacts.ts";
import type { CutBone } from "./cutBone.ts";
import { CLOSE_PAIR_MM, END_FREE_MM, type Rows, USUAL_PITCH_MM } from "./eyelets.ts";
import { stepMm } from "./placeBones.ts";
import type { BonesWorking } from "./working.ts";
import type { ZipEnd } from "./zipLength.ts";

const piece = term("garment", "length");
const setting = term("setting", "difference");

/** Eyelets along an edge, with what the lace must pass. mm */
export interface LacedEyelets {
  readonly rows: Rows;
  readonly lengthMm: number;
  /** Null where it opens in front and passes nothing. */
  readonly passMm: number | null;
  readonly patternMm: number;
}

/** What goes into a channel, by the steps it is sold in. */
const stockLength = (
  id: string,
  name: string,
  of: { readonly channelMm: number; readonly channel: string; readonly lengthMm: number },
  working: BonesWorking,
  notes: readonly string[] = [],
): Reckoned =>
  reckoned(id, name, {
    formula: `floor((K − 2 · ${BONE_FREE_MM} − b) / s) · s`,
    terms: [
      piece("K", of.channel, of.channelMm, "drawn panels"),
      setting("b", "taken by the binding", working.turnedMm ?? 0, "typed here"),
      setting("s", "step of stock lengths", stepMm(working), working.stock === "mm" ? "5 mm" : "half an inch"),
    ],
    result: { value: of.lengthMm, unit: "length" },
    notes,
  });

/** The length of a bone, from its channel. */
export const explainBone = ({ id, name, channelMm, lengthMm }: CutBone, working: BonesWorking): Reckoned[] => {
  if (lengthMm === null) return [];
  const of = { channelMm, channel: "channel along the seam line", lengthMm };
  return [stockLength(`bone.${id}`, `${name}, bone`, of, working, [TOO_LONG])];
};

const TOO_LONG = "Rounded down: a bone that is too long cuts through its end.";

/** What closing and waist tape are explained from. */
interface ClosureOf {
  readonly closed: ClosedGarment;
  readonly working: BonesWorking;
  readonly draft: Draft;
  readonly zip: ZipEnd | null;
  readonly eyelets: LacedEyelets | null;
  readonly facts: BonesFacts;
}

/** Turned in at either end of the waist tape where nothing else is typed, mm. */
export const TAPE_TURN_MM = 15;

/** Waist tape, eyelets, lace, busk or zip, each with its way. */
export const explainClosure = (of: ClosureOf): Reckoned[] => [
  ...waistTape(of),
  ...(of.eyelets ? laceNumbers(of.eyelets) : []),
  ...(of.closed.opensInFront ? busk(of) : []),
  ...(of.zip ? zipNumber(of, of.zip) : []),
  ...skirtJoin(of),
  ...halves(of),
  ...triangle(of),
];

function waistTape({ closed, working }: ClosureOf): Reckoned[] {
  const waist = closed.levels.find(({ level }) => level === "waist");
  if (!waist) return [];
  const turn = working.tapeTurnMm ?? TAPE_TURN_MM;
  return [
    reckoned("tape", "Waist tape", {
      formula: "C − g + 2 · t",
      terms: [
        piece("C", "waist, closed", waist.closedMm, "reduction"),
        setting("g", "gap of the lacing", closed.gapMm, "reduction"),
        setting("t", "turned in at either end", turn, working.tapeTurnMm === null ? "a habit" : "typed here"),
      ],
      result: { value: waist.closedMm - closed.gapMm + 2 * turn, unit: "length" },
      notes: ["Sewn to the waist line of the strength layer: it carries the load."],
    }),
  ];
}

function laceNumbers({ rows, lengthMm, passMm, patternMm }: LacedEyelets): Reckoned[] {
  const open = passMm === null ? LEAST_OPEN_MM : openGap(patternMm, passMm);
  const pitch = setting("p", "pitch of the eyelets", rows.pitchMm, "typed, or 22 mm");
  return [
    reckoned("rows", "Rows of eyelets", {
      formula: "as laid along the edge, where a close pair lies at the waist",
      terms: [piece("L", "edge that is laced", lengthMm, "drawn panels"), pitch],
      result: { value: rows.atMm.length, unit: "count" },
      notes: [
        `${END_FREE_MM} mm free at both ends, two rows ${CLOSE_PAIR_MM} mm apart at the waist, where the lace is pulled.`,
      ],
    }),
    reckoned("openGap", "Gap opened to put it on", {
      formula: passMm === null ? `${LEAST_OPEN_MM}` : `max(${LEAST_OPEN_MM}, P − Q)`,
      terms:
        passMm === null
          ? []
          : [
              term("body", "length")("P", "largest girth it must pass", passMm, "sheet"),
              piece("Q", "its own narrowest girth", patternMm, "reduction"),
            ],
      result: { value: open, unit: "length" },
      notes: passMm === null ? ["It opens in front: the lacing is only loosened."] : [],
    }),
    reckoned("lace", "Lace", {
      formula: `2 · n · (G ^ 2 + p ^ 2) ^ 0.5 + ${LACE_SPARE_MM}`,
      terms: [
        term("result", "count")("n", "rows", rows.atMm.length, "above"),
        setting("G", "gap when opened", open, "above"),
        pitch,
      ],
      result: { value: laceLength({ rows: rows.atMm.length, pitchMm: rows.pitchMm, openGapMm: open }), unit: "length" },
      notes: ["Cross-laced, with what is left to tie."],
    }),
  ];
}

function busk({ draft, working }: ClosureOf): Reckoned[] {
  const front = draft.pieces.find(({ edges }) => edges.some(({ role }) => role === "centreFront"));
  if (!front) return [];
  const channelMm = edgeLength(edgeOf(front, "front"));
  const length = boneLength(channelMm, working.turnedMm ?? 0, stepMm(working));
  return length.ok
    ? [stockLength("busk", "Busk", { channelMm, channel: "centre front", lengthMm: length.value }, working)]
    : [];
}

/** Where it closes: half of the closed girth on either side of the marked centre. */
const halves = ({ closed }: ClosureOf): Reckoned[] =>
  closed.levels.map(({ level, name, closedMm }) =>
    reckoned(`half.${level}`, `${name}, closing line`, {
      formula: "C / 2",
      terms: [piece("C", "closed", closedMm, "reduction")],
      result: { value: closedMm / 2, unit: "length" },
    }),
  );

/** What is left open behind above the waist is laced through loops along both of its edges. */
function triangle({ draft, closed, working }: ClosureOf): Reckoned[] {
  const [first, second] = backEdge(draft)?.lines ?? [];
  if (closed.laced || !first || !second) return [];
  const pitch = working.pitchMm ?? USUAL_PITCH_MM;
  const lengthMm = lengthOfEdge(first);
  return [
    reckoned("loops", "Loops along the open back, each side", {
      formula: "floor(L / p) + 1",
      terms: [
        piece("L", "edge that is open above the waist", lengthMm, "drawn panels"),
        setting("p", "from loop to loop", pitch, working.pitchMm === null ? "22 mm" : "typed here"),
      ],
      result: { value: Math.floor(lengthMm / pitch) + 1, unit: "count" },
      notes: ["From bias strips."],
    }),
  ];
}

/** Skirt and bodice differ by no more than this where they are joined, mm. */
export const JOIN_MM = 3;

/** The skirt against the lower edge it is joined to, with what of it no panel covers. */
function skirtJoin({ draft, facts: { skirtMm } }: ClosureOf): Reckoned[] {
  if (skirtMm === null) return [];
  const lower = allRound(draft, "bottom");
  const beside = draft.levels.at(-1)?.besideMm ?? 0;
  return [
    reckoned("skirt", "Skirt less the bodice it is joined to", {
      formula: "S − (L + g)",
      terms: [
        piece("S", "upper edge of the skirt, all round", skirtMm, "drawn skirt"),
        piece("L", "lower edge of the panels, all round", lower, "drawn panels"),
        setting("g", "of it no panel covers", beside, "gap, less what is added for the layers"),
      ],
      result: { value: skirtMm - lower - beside, unit: "difference" },
      notes: ["Above 0 the skirt is eased in. Both are joined at the lower edge, which then has to lie at the hip."],
    }),
  ];
}

function zipNumber({ draft }: ClosureOf, zip: ZipEnd): Reckoned[] {
  const edge = backEdge(draft);
  if (!edge) return [];
  return [
    reckoned("zip", "Zip, at least", {
      formula: "Z = a + d",
      terms: [
        piece("a", "from the upper edge to the waist", edge.waistMm, "drawn panels"),
        piece(
          "d",
          "below the waist, to where what stays closed passes the body",
          zip.belowWaistMm,
          "rule for pulling on",
        ),
      ],
      result: { value: edge.waistMm + zip.belowWaistMm, unit: "length" },
      notes: [
        zip.opensWhole
          ? `No ring of it passes ${zip.passMm.toFixed(0)} mm closed: it opens all the way down, with a zip that parts or into the skirt.`
          : `It is stepped into over ${zip.passMm.toFixed(0)} mm.`,
      ],
    }),
  ];
}
