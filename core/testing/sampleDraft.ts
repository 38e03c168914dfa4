import {
  type Draft,
  type DraftFacts,
  drawBy,
  type Edge,
  type Piece,
  type Point,
  point,
  straight,
} from "../drafting/index.ts";

/** A body of hip 1000 with its plan, as a brief is drawn from it, mm. */
export const BRIEF_FACTS: DraftFacts = {
  measures: {
    waist: 740,
    waist_front_arc: 380,
    hip: 1000,
    hip_front_arc: 480,
    leg_edge: 622,
    crotch_depth: 268,
  },
  girths: { waist: 640, highHip: 780, hip: 860, leg: 560 },
  lengths: { crotch_front: 320, crotch_back: 370, waist_to_hip: 195, waist_to_high_hip: 98 },
  options: {},
};

/** A body with its plan, as a one-piece is drawn from it, mm. */
export const ONE_PIECE_FACTS: DraftFacts = {
  measures: {},
  girths: { bust: 760, waist: 640, hip: 860, leg: 560 },
  lengths: {
    ...{ front_waist: 420, back_waist: 395, side_waist: 190, shoulder_to_apex: 265 },
    ...{ crotch_front: 320, crotch_back: 360, waist_to_hip: 195 },
  },
  options: {},
};

/** What a recipe draws. @throws Error where it does not: a test then says why. */
export function sampleDraft(recipe: string, facts: DraftFacts): Draft {
  const drawn = drawBy(recipe, facts);
  if (!drawn.ok) throw new Error(drawn.problem.message);
  return drawn.value;
}

/** A piece with straight edges between corners, clockwise: `a` from the first to the second, `b` and so on. */
export function samplePiece(corners: readonly (readonly [x: number, y: number])[], own: Partial<Piece> = {}): Piece {
  const places = corners.map(([x, y]): Point => point(x, y));
  const lines = places.map((from, at): Edge => straight(from, places[(at + 1) % places.length] ?? from));
  return {
    id: "piece",
    name: "Piece",
    count: 1,
    onFold: false,
    mirrored: false,
    role: "shell",
    edges: lines.map((line, at) => ({
      id: "abcdefgh"[at] ?? "z",
      role: "side",
      finish: "seam",
      allowanceMm: 10,
      lines: [line],
      seam: null,
    })),
    levels: [],
    grain: { from: point(0, 0), to: point(0, 10) },
    notches: [],
    links: [],
    ...own,
  };
}

/** A draft of these pieces and nothing else: for rules that look at pieces. */
export const draftOf = (pieces: readonly Piece[], own: Partial<Draft> = {}): Draft => ({
  recipe: "sample",
  pieces,
  round: [],
  levels: [],
  loops: [],
  numbers: [],
  oneLines: [],
  elastics: [],
  limits: [],
  rollMm: null,
  notes: [],
  ...own,
});
