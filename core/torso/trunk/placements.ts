import { TRUNK_PARTS, type TrunkPart } from "../../body/index.ts";
import type { TrunkPlacing } from "./trunkLoop.ts";
import type { TrunkWorking } from "./working.ts";

/** A piece that lies on another and takes every change of it. */
export interface LinkedPiece {
  /** Stable name for its tick: `frontWaist:lining`. */
  readonly key: string;
  readonly name: string;
  /** Ticked at this very amount; a tick at another amount no longer counts. */
  readonly ticked: boolean;
}

/** One change of length: which piece, at which line, by how much. */
export interface Placement {
  readonly id: TrunkPart | "front" | "back";
  readonly piece: "Front" | "Back";
  readonly line: string;
  /** Above 0: cut apart and spread; below 0: overlapped. mm. */
  readonly amountMm: number;
  readonly linked: readonly LinkedPiece[];
}

const AT_LINE = "at right angles to the centre";

const LINES: Readonly<Record<Placement["id"], { readonly piece: Placement["piece"]; readonly line: string }>> = {
  front: { piece: "Front", line: `at its lengthen-or-shorten line, ${AT_LINE}` },
  back: { piece: "Back", line: `at its lengthen-or-shorten line, ${AT_LINE}` },
  frontWaist: { piece: "Front", line: `between underbust and waist, ${AT_LINE}` },
  crotchFront: { piece: "Front", line: `between waist and hip, ${AT_LINE}` },
  crotchBack: { piece: "Back", line: `between waist and hip, ${AT_LINE}` },
  backWaist: { piece: "Back", line: `between underbust and waist, ${AT_LINE}` },
};

/** Amounts that differ by less are the same to a pencil, mm. */
const SAME_AMOUNT_MM = 0.5;

/** A change smaller than a pencil line is not drawn, mm. */
const NOTHING_MM = 0.5;

/** Where a trunk's difference goes, with every piece that must take the same; none where it is too small to act on. */
export function placementsOf(
  { act, byPart, frontMm, backMm }: TrunkPlacing,
  { linked, ticked }: Pick<TrunkWorking, "linked" | "ticked">,
  innerLayers: readonly string[],
): Placement[] {
  if (!act) return [];
  const amounts: readonly (readonly [Placement["id"], number])[] = byPart
    ? TRUNK_PARTS.map((part) => [part, byPart[part]] as const)
    : [
        ["front", frontMm],
        ["back", backMm],
      ];
  const names = [...innerLayers, ...namesIn(linked)];
  return amounts
    .filter(([, amountMm]) => Math.abs(amountMm) >= NOTHING_MM)
    .map(([id, amountMm]) => ({
      id,
      ...LINES[id],
      amountMm,
      linked: names
        .filter((name) => isOn(name, LINES[id].piece))
        .map((name) => {
          const key = `${id}:${name}`;
          const at = ticked[key];
          return { key, name, ticked: at !== undefined && Math.abs(at - amountMm) < SAME_AMOUNT_MM };
        }),
    }));
}

/** A piece named after a side lies on that side only: a front net is not under the back. */
function isOn(name: string, piece: Placement["piece"]): boolean {
  const side = /^(front|back)\b/i.exec(name)?.[1]?.toLowerCase();
  return side === undefined || side === piece.toLowerCase();
}

/** Names in a list with commas, each once. */
export const namesIn = (text: string): string[] => [
  ...new Set(
    text
      .split(",")
      .map((name) => name.trim())
      .filter((name) => name !== ""),
  ),
];

/** What the side seams meet where front and back are changed by their own amounts, mm: above and below the waist. */
export function sideSeamStep({ byPart }: Pick<TrunkPlacing, "byPart">): { aboveMm: number; belowMm: number } | null {
  if (!byPart) return null;
  return { aboveMm: byPart.frontWaist - byPart.backWaist, belowMm: byPart.crotchFront - byPart.crotchBack };
}
