import {
  call,
  type Draft,
  type Piece,
  type PieceEdge,
  type StatedEdge,
  statedLength,
  statedOf,
  TRUNK_LOOP,
} from "../../drafting/index.ts";
import { type Change, type ChangeTarget, lengthEffects } from "../../fitting/index.ts";
import type { Landing } from "../landing.ts";
import { halvesIn } from "./amounts.ts";
import { tracedOver } from "./edge.ts";
import { BLEND_MM, girthDoing } from "./girth.ts";
import { DRAW_RULES } from "./index.ts";
import { inTheMiddle } from "./inTheMiddle.ts";
import { type Drawn, type DrawRule, instead, NO_AMOUNT, oneSideOnly, together } from "./rule.ts";
import { solvedBy } from "./solved.ts";
import { wedgeTo } from "./wedgeTo.ts";

/** What lines along the body count to, with the lengths of a style that are it, or a part of it. */
const LENGTH_LEVELS: readonly { readonly level: string; readonly lengths: readonly string[] }[] = [
  { level: TRUNK_LOOP, lengths: ["trunk", "frontWaist", "backWaist", "frontRise", "backRise"] },
  { level: "crotchFront", lengths: ["frontRise"] },
  { level: "crotchBack", lengths: ["backRise"] },
];

/**
 * Changes on a pattern from elsewhere. Its edges have no roles but the names and the seam letters they were given: what only lengths are
 * stated of is stated anew; what was read in is changed at the seams its letters name, and at edges whose names say where they lie.
 */
export const drawOwn: DrawRule = (change, draft) => {
  const { on } = change;
  if (on === "elastic" || on === "making") return DRAW_RULES[on](change, draft);
  if (change.traced) return tracedOver(change.traced, draft);
  if (change.amountMm === null && change.parts.length === 0) return NO_AMOUNT;
  return oneSideOnly(change) ?? (ON_OWN[on] ?? BY_HAND)(change, draft);
};

const BY_HAND: DrawRule = () =>
  instead("By hand: it is drawn on your own pattern. Change its lines there, and state or read in the edges anew.");

const ON_OWN: Readonly<Partial<Record<ChangeTarget, DrawRule>>> = {
  girth(change, draft) {
    const amountMm = change.amountMm ?? 0;
    const parts = statedOf(draft).filter(({ counts }) => counts === change.zone);
    if (parts.length === 0)
      return instead(
        "By hand: no edge of your own pattern counts to that girth. Say at Own pattern which edges go round there.",
      );
    return parts.every(({ lengthMm }) => lengthMm !== null)
      ? stated(draft, parts, change.zone, amountMm)
      : atSeams(draft, parts, amountMm);
  },
  length(change, draft) {
    const drawn = LENGTH_LEVELS.flatMap(({ level, lengths }): Drawn[] => {
      const byMm = lengthEffects(change)
        .filter(({ lengthId }) => lengths.includes(lengthId))
        .reduce((sum, effect) => sum + effect.byMm, 0);
      const parts = statedOf(draft).filter(({ counts }) => counts === level);
      if (byMm === 0 || parts.length === 0) return [];
      return parts.some(({ lengthMm }) => lengthMm === null)
        ? [
            instead(
              "By hand: your own pattern has no levels. Cut the pieces apart square to their centres, spread or lap each by its amount, true the side seams, and read them in again.",
            ),
          ]
        : [stated(draft, parts, level, byMm)];
    });
    return drawn.length === 0 ? BY_HAND(change, draft) : together(drawn);
  },
  edge(change, draft) {
    const { remedy, spot, amountMm, pieces } = change;
    if (amountMm === null) return NO_AMOUNT;
    const words = EDGE_WORDS[spot];
    const there = named(draft, pieces, words);
    if (remedy === "more-seat") return seat(draft, amountMm);
    if ((remedy !== "wedge" && remedy !== "one-side") || there.length === 0) return BY_HAND(change, draft);
    const whole = change.parts.length > 0 ? change.parts.reduce((sum, part) => sum + part.amountMm, 0) : amountMm;
    return together(
      there.map(([piece, edge]) =>
        wedgeTo(draft, [piece], {
          ...{ edge: edge.id, into: /./, byMm: amountOn(change, piece) ?? whole / there.length },
          to: "nothing straight across",
        }),
      ),
    );
  },
  balance(change, draft) {
    const amountMm = Math.abs(change.amountMm ?? 0) * (change.remedy === "balance-back" ? -1 : 1);
    const [front, back] = (["front", "back"] as const).map((half) => named(draft, half, /side/i)[0]);
    if (!front || !back)
      return instead(
        "By hand: name the edges “side” on a piece called front and one called back, and the seam can be moved over between them.",
      );
    return together([
      middleLetOut(front, amountMm, "side seam, in its middle, to nothing at both ends"),
      middleLetOut(back, -amountMm, "side seam, in its middle, to nothing at both ends"),
    ]);
  },
};

/** How edges are called where something is seen. */
const EDGE_WORDS: Readonly<Partial<Record<Change["spot"], RegExp>>> = {
  neckline: /neck/i,
  backEdge: /neck|top|back edge/i,
  armhole: /arm/i,
  underarm: /arm/i,
  leg: /leg/i,
  legFront: /leg/i,
  legBack: /leg/i,
};

type OnPiece = readonly [piece: Piece, edge: PieceEdge];

/** Edges whose names say where they lie, on the pieces a change names as far as their names tell front from back. */
function named(draft: Draft, pieces: string, words: RegExp | undefined): OnPiece[] {
  if (!words) return [];
  const halves = halvesIn(pieces);
  return draft.pieces
    .filter(({ name }) => {
      const own = halvesIn(name);
      return halves.length === 0 || own.length === 0 || own.some((half) => halves.includes(half));
    })
    .flatMap((piece) =>
      piece.edges.filter(({ id, finish }) => finish !== "fold" && words.test(id)).map((edge) => [piece, edge] as const),
    );
}

/** The part of a change that is meant for a piece by its name; null where it has none of its own. */
const amountOn = ({ parts }: Change, { name }: Piece): number | null =>
  parts.find((part) => halvesIn(part.pieces).some((half) => halvesIn(name).includes(half)))?.amountMm ?? null;

/** Edges of which only the length is told, each by its share. */
function stated(draft: Draft, parts: readonly StatedEdge[], level: string, amountMm: number): Drawn {
  const sum = parts.reduce((all, edge) => all + edge.times * statedLength(draft, edge), 0);
  return {
    calls: [call("restate", { level, amount: amountMm })],
    lands: parts.map((edge): Landing => {
      const byMm = (amountMm * statedLength(draft, edge)) / sum;
      return {
        ...{ piece: edge.piece, measure: "stated", of: edge.edge, byMm },
        cut: {
          line: edge.edge,
          doing: LENGTH_LEVELS.some((one) => one.level === level)
            ? byMm < 0
              ? "shorter"
              : "longer"
            : girthDoing(byMm),
          edges: edge.times,
        },
      };
    }),
  };
}

/** A girth of edges that were read in, at the seams they end in: each edge by its share, through the seams at its ends. */
function atSeams(draft: Draft, parts: readonly StatedEdge[], amountMm: number): Drawn {
  const ends = parts.flatMap((part) => {
    const piece = draft.pieces.find(({ id }) => id === part.piece);
    const at = piece?.edges.findIndex(({ id }) => id === part.edge) ?? -1;
    if (!piece || at === -1) return [];
    const seams = ([-1, 1] as const).flatMap((step) => {
      const edge = piece.edges.at((at + step) % piece.edges.length);
      return edge && edge.finish === "seam" && lettered(draft, piece, edge)
        ? [{ edge, end: step === 1 ? "start" : "end" } as const]
        : [];
    });
    return [{ part, piece, seams }];
  });
  const edges = ends.reduce((sum, { part, seams }) => sum + part.times * seams.length, 0);
  if (edges === 0)
    return instead(
      "By hand: no seam with letters ends where that girth runs. Say at Own pattern which seams are sewn together, or change the lines and read them in again.",
    );
  const perEdge = amountMm / edges;
  return together(
    ends.map(({ part, piece, seams }): Drawn => {
      if (seams.length === 0) return { calls: [], lands: [] };
      const landing: Landing = {
        ...{ piece: piece.id, measure: "edge", of: part.edge, byMm: perEdge * seams.length },
        cut: {
          line: `${seams.map(({ edge }) => edge.id).join(" and ")}, at the ${part.edge}, to nothing over 80 mm`,
          doing: girthDoing(perEdge),
          edges: part.times,
        },
      };
      const byHand = `By hand: ${part.edge} of ${piece.name} does not come to its part through the seams at its ends. Change the line and read it in again.`;
      // Both ends alike: one amount found for all of them.
      const drawn = seams.map(({ edge, end }) =>
        solvedBy({
          ...{ draft, byHand },
          landing: { ...landing, byMm: perEdge },
          callOf: (amount) => endLetOut(piece, edge, end, amount),
        }),
      );
      const all = together(drawn);
      return "instead" in all ? all : { calls: all.calls, lands: [landing] };
    }),
  );
}

const lettered = (draft: Draft, piece: Piece, edge: PieceEdge): boolean =>
  statedOf(draft).some((one) => one.piece === piece.id && one.edge === edge.id && one.seam !== "");

const endLetOut = (piece: Piece, edge: PieceEdge, end: "start" | "end", amount: number) =>
  call("letOutEnd", { piece: piece.id, edge: edge.id, end, amount, blend: BLEND_MM });

/** Fullest in the middle of what is called the leg of the back. */
function seat(draft: Draft, amountMm: number): Drawn {
  const leg = named(draft, "back", /leg/i)[0];
  return leg
    ? middleLetOut(leg, amountMm, "leg edge, in its middle, to nothing at both ends")
    : instead(
        "By hand: no edge of a back is called leg. Let it out over the seat, to nothing at side seam and crotch.",
      );
}

/** An edge of what was read in, let out in its middle. */
const middleLetOut = ([piece, edge]: OnPiece, byMm: number, line: string): Drawn =>
  inTheMiddle(piece, edge, byMm, { line, doing: girthDoing(byMm), edges: piece.onFold ? 2 : piece.count });
