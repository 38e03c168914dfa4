import { CHANNEL_TO_EDGE_MM } from "../../../band/index.ts";
import { fail, ok, type Result } from "../../../result.ts";
import type { Clearance, Draft, LengthNeed, Meeting, Run } from "../../draft.ts";
import type { Edge } from "../../geometry/index.ts";
import { raisedWire } from "../../operations/index.ts";
import { edgeLength, type Piece } from "../../piece/index.ts";
import type { CupMade, CupOfBreast } from "../cup/cupSide.ts";
import type { Given } from "../facts.ts";
import { linedBy } from "../lined.ts";
import { oneLine } from "../oneLine.ts";
import { RECTANGLE_KINDS } from "../rectangle/kinds.ts";
import { stripPiece } from "../rectangle/rectangle.ts";
import { braNumbers } from "./braNumbers.ts";
import { bandFrame, type Frame } from "./frame.ts";
import { hookEndMm } from "./hooks.ts";
import { slingPiece } from "./sling.ts";
import { freeIn, type Wire, wireOf } from "./wire.ts";
import { wireLine } from "./wireLine.ts";

/** Which of the two bras. */
export type BraKind = "wired" | "soft";

/** Blend of a raise at the underarm, mm: the middle of what is usual. */
const RAISE_BLEND_MM = 50;

/** The line one cup stands on, and what of it is known before the band is drawn. */
export interface Stands {
  /** From the inner end of the cup's lower edge to its outer one. */
  readonly line: readonly Edge[];
  readonly wire: Wire | null;
  readonly tipsMm: number;
  /** Below the cup's widest line. */
  readonly deepMm: number;
  /** The lower edges of the cup's pieces, and how long they are together, drawn and on what they are sewn to. */
  readonly cupEdges: Run["parts"];
  readonly cupEdgeMm: number;
  readonly lineMm: number;
}

/** The line a cup stands on. @returns it, or `tips-too-far`. */
export function standsOn(given: Given, kind: BraKind, cup: CupOfBreast, made: CupMade): Result<Stands> {
  const wire = kind === "wired" ? wireOf(given, cup.side) : null;
  const edges = cup.pieces.flatMap((piece) =>
    piece.edges.filter(({ role }) => role === "wire").map((edge) => ({ piece: piece.id, edge })),
  );
  const cupEdgeMm = edges.reduce((sum, { edge }) => sum + edgeLength(edge), 0);
  // A rigid cradle takes no cup strain: a cup that is cut smaller is stretched onto it. A band of cloth gives with its cups.
  const lineStrain = kind === "wired" ? 0 : made.strain;
  const lineMm = cupEdgeMm * ((1 + made.strain) / (1 + lineStrain));
  const tipsMm = wire?.tipsMm ?? (2 * cup.breast.root.halfWidthMm) / (1 + lineStrain);
  const line = wireLine(tipsMm, lineMm);
  if (!line.ok) return line;
  const deepMm = Math.max(...line.value.map(({ to }) => to.y));
  const cupEdges = edges.map(({ piece, edge }) => ({ piece, edge: edge.id }));
  return ok({ line: line.value, wire, tipsMm, deepMm, cupEdges, cupEdgeMm, lineMm });
}

/** A cup with the line it stands on, and how far below its widest line the band ends: at the deeper of two cups. */
export interface BraOfSide {
  readonly cup: CupOfBreast;
  readonly stands: Stands;
  readonly lowMm: number;
}

/** Draws one side of a bra round its cup, as if the other were alike. @returns it, or what of its measures does not fit. */
export function braSide(given: Given, kind: BraKind, { cup, stands, lowMm }: BraOfSide, made: CupMade): Result<Draft> {
  const { wire, cupEdges, cupEdgeMm, lineMm } = stands;
  const closed = kind === "soft" && given.choice("back") === "fold";
  const frame = bandFrame({
    bridgeMm: given.measure("bridge_width") ?? Number.NaN,
    channel: stands.line,
    tipsMm: stands.tipsMm,
    lowMm,
    beyondMm: given.number("beyond_wire"),
    dipMm: given.number("bridge_dip"),
    archMm: given.number("bottom_arch"),
    girthMm: given.girth("underbust"),
    tapeMm: closed ? 0 : given.number("tape_width"),
    backHeightMm: closed ? given.number("back_height") : hookEndMm(given),
    bridgePart: kind === "wired" ? given.number("bridge_part") : null,
    closed,
    seamMm: given.number("seam_allowance"),
    edgeMm: given.number("edge_fold"),
  });
  if (!frame.ok) return frame;
  const draft: Draft = {
    recipe: kind === "wired" ? "wiredBra" : "softBra",
    pieces: [
      ...frame.value.pieces,
      ...cup.pieces,
      ...linedBy(given, {
        front: [...cup.pieces, ...frame.value.pieces.slice(0, -1)],
        back: frame.value.pieces.slice(-1),
      }),
      ...(kind === "wired" ? slingPiece(given, cup, made) : []),
      ...(wire ? channelPiece(given, lineMm) : []),
    ],
    round: frame.value.pieces.map(({ id }) => id),
    levels: [
      {
        level: "underbust",
        plannedMm: given.girth("underbust"),
        ...(closed ? {} : { besideMm: given.number("tape_width") }),
      },
    ],
    ...{ loops: [], elastics: [], limits: [] },
    oneLines: linesOf(frame.value),
    needs: needsOf(given, wire, frame.value, closed),
    meetings: [
      {
        name: kind === "wired" ? "channel, cup to bridge and cradle" : "seam of cup and band",
        first: { parts: frame.value.channel, plusMm: 0 },
        second: { parts: cupEdges, plusMm: lineMm - cupEdgeMm },
      } satisfies Meeting,
    ],
    clearances: clearancesOf(given, frame.value),
    numbers: [...cup.numbers, ...braNumbers(given, { cup, frame: frame.value, lineMm, wire, closed })],
    rollMm: given.number("roll_width"),
    notes: stretchedOn(lineMm - cupEdgeMm),
  };
  return wire && given.choice("raise") === "wanted" ? raisedFor(draft, wire, lineMm) : ok(draft);
}

/** How a cup that is cut smaller comes onto a channel that is not. */
const stretchedOn = (byMm: number): string[] =>
  byMm < 0.5
    ? []
    : [
        `Along the channel the cup is stretched on by ${byMm.toFixed(1)} mm, evenly: the cradle is rigid and takes no cup strain.`,
      ];

/** A wire too long for its channel by more than this is another wire's, mm. */
const MOST_RAISE_MM = 60;

/** A bra with its channel raised by what its wire wants, where that is anything. @returns it, or `wire-too-long`. */
function raisedFor(draft: Draft, wire: Wire, channelMm: number): Result<Draft> {
  const free = freeIn(channelMm, wire);
  const amountMm = free === null ? 0 : wire.movesMm - free;
  if (amountMm <= 0) return ok(draft);
  if (amountMm > MOST_RAISE_MM)
    return fail(
      "wire-too-long",
      `Expected a wire of at most ${(channelMm - wire.foldsMm - wire.movesMm + MOST_RAISE_MM).toFixed(0)} mm for a channel of ${channelMm.toFixed(0)} mm, raised by ${MOST_RAISE_MM} mm at the most, but it is ${wire.lengthMm} mm long: take a shorter one.`,
    );
  const raised = raisedWire(draft, { end: "underarm", amountMm, blendMm: RAISE_BLEND_MM });
  if (!raised.ok) return raised;
  const note = `The channel is raised by ${amountMm.toFixed(1)} mm at the underarm, for the wire to move in: cradle, wing and the cup piece that meets them rise with it, blended over ${RAISE_BLEND_MM} mm.`;
  return ok({ ...raised.value, notes: [...raised.value.notes, note] });
}

/** The lower edge goes on over every seam, the upper one over the side. */
function linesOf({ pieces }: Frame): Draft["oneLines"] {
  const [wing, ...inward] = pieces.toReversed();
  const [cradle, bridge] = inward;
  if (!wing || !cradle) return [];
  const [outer, lower] = wing.onFold ? (["end", "start"] as const) : (["start", "end"] as const);
  return [
    oneLine([cradle.id, "top", "end"], [wing.id, "top", outer]),
    oneLine([wing.id, "bottom", lower], [cradle.id, "bottom", "start"]),
    ...(bridge ? [oneLine([cradle.id, "bottom", "end"], [bridge.id, "bottom", "start"])] : []),
  ];
}

/** What has to go into the channel and onto the back end. */
function needsOf(given: Given, wire: Wire | null, { channel, pieces }: Frame, closed: boolean): LengthNeed[] {
  const back = pieces.at(-1)?.id ?? "";
  return [
    ...(wire && wire.lengthMm !== null
      ? [
          {
            name: "channel of the wire",
            along: { parts: channel, plusMm: -wire.foldsMm },
            leastMm: wire.lengthMm + wire.movesMm,
            leastName: `the wire with ${wire.movesMm} mm to move in, without the folds at its ends`,
          },
        ]
      : []),
    ...(closed
      ? []
      : [
          {
            name: "back end",
            along: { parts: [{ piece: back, edge: "end" }], plusMm: 0 },
            leastMm: hookEndMm(given),
            leastName: "the hook tape",
          },
        ]),
  ];
}

const clearancesOf = (given: Given, { channel }: Frame): Clearance[] => {
  const fold = given.number("edge_fold");
  return channel.map(({ piece, edge }) => ({
    ...{ piece, edge, other: "bottom", leastMm: Math.max(CHANNEL_TO_EDGE_MM, fold) },
    why: fold > CHANNEL_TO_EDGE_MM ? "the fold of the elastic" : "channel to edge",
  }));
};

/** A channel of cloth: a strip as long as the line the wire runs along. */
function channelPiece(given: Given, lengthMm: number): Piece[] {
  const width = given.number("channel_width");
  const kind = RECTANGLE_KINDS.find(({ id }) => id === "casing");
  if (width === 0 || !kind) return [];
  const strip = stripPiece(kind, { width, length: lengthMm, count: 2, seamMm: given.number("seam_allowance") });
  return [{ ...strip, id: "channel", name: "Channel", mirrored: true }];
}
