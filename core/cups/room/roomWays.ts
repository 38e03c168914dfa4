import type { BustRoomWorking, RoomSchool, Tissue } from "./working.ts";

/** One way of giving bust room, and what it does. mm. */
export interface RoomWay {
  readonly school: RoomSchool;
  readonly name: string;
  /** What is done, each side. */
  readonly how: string;
  /** Each side, at the bust; null where this way cannot be known to give it. */
  readonly givesMm: number | null;
  /** What is still short each side; 0 where it gives the room. */
  readonly shortMm: number;
  /** Width added at the waist, all round. */
  readonly atWaistMm: number;
  /** Why it suits or does not, for how the tissue sits. */
  readonly suits: string;
  readonly cautions: readonly string[];
}

/** Names of the ways of giving room. */
export const ROOM_SCHOOLS: readonly { readonly id: RoomSchool; readonly name: string }[] = [
  { id: "fullerLine", name: "Fuller cut line" },
  { id: "slash", name: "Slash and spread" },
  { id: "dart", name: "Dart or gathers under the bust" },
];

/** How tissue may sit, in words. */
export const TISSUES: readonly { readonly id: Tissue; readonly name: string }[] = [
  { id: "firm", name: "firm, stands forward" },
  { id: "softLow", name: "soft and low" },
  { id: "wide", name: "wide set" },
];

/** The three ways of giving a room (both sides, mm), each with what it does at bust and waist. */
export const roomWays = (roomMm: number, working: BustRoomWorking): RoomWay[] =>
  ROOM_SCHOOLS.map(({ id, name }) => ({ school: id, name, ...WAYS[id](roomMm / 2, working) }));

type Way = Omit<RoomWay, "school" | "name">;

const WAYS: Readonly<Record<RoomSchool, (sideMm: number, working: BustRoomWorking) => Way>> = {
  fullerLine: (sideMm, { fullerLineMm, tissue }) => ({
    how:
      fullerLineMm === null
        ? "Cut the front at the pattern’s fuller line of the same size, where it has one."
        : `The fuller line gives ${round(fullerLineMm)} mm each side.`,
    givesMm: fullerLineMm,
    shortMm: fullerLineMm === null ? 0 : Math.max(0, sideMm - fullerLineMm),
    atWaistMm: 0,
    suits:
      tissue === "softLow"
        ? "Suits soft and low: the line adds cover at the centre too."
        : "Quick; the line was drawn by the pattern’s maker, so nothing else moves.",
    cautions: [],
  }),
  slash: (sideMm, { tissue }) => ({
    how: `Slash from the bottom edge through the apex to the armhole, open it ${round(sideMm)} mm at the apex, hinge it at the armhole seam; lengthen the centre to meet the new bottom edge.`,
    givesMm: sideMm,
    shortMm: 0,
    atWaistMm: 2 * sideMm,
    suits:
      tissue === "wide"
        ? "Suits wide set: the room lies out at the side, where it is needed."
        : "Exact at the apex; the room also comes at the waist unless it is taken out again.",
    cautions: [
      "The waist grows by the whole room: take it out at the side seams below the bust, or keep it as a dart.",
    ],
  }),
  dart: (sideMm, { tissue }) => ({
    how: `Open the bottom edge under the bust by ${round(sideMm)} mm and sew it to the unchanged band: as a dart to the apex, or gathered over the width of the cup.`,
    givesMm: sideMm,
    shortMm: 0,
    atWaistMm: 0,
    suits:
      tissue === "firm"
        ? "Suits firm: the room sits under the apex and holds it forward."
        : "Room without width at the waist; soft tissue settles in the gathers.",
    cautions: [],
  }),
};

const round = (mm: number): number => Math.round(mm);

/** What a fitting has to look at for how the tissue sits and where the edge runs. */
export function tissueNotes({ tissue, plunge }: Pick<BustRoomWorking, "tissue" | "plunge">): string[] {
  return [
    ...(tissue === "softLow"
      ? [
          "Soft and low tissue: enough cover at the centre front, arms up and bending? Start with the more covered line.",
        ]
      : []),
    ...(tissue === "wide" ? ["Wide-set tissue: does it stay inside the side of the cup, arms forward?"] : []),
    ...(plunge
      ? ["The plunging edge cuts across the tissue: does it dig in or let it spill, sitting and bending?"]
      : []),
  ];
}
