import { describe, expect, it } from "vitest";
import { BRIEF_FACTS, braFacts, sampleDraft } from "../../testing/index.ts";
import type { Draft } from "../draft.ts";
import { runLength } from "../measured.ts";
import { call, operate } from "../operations/index.ts";
import { edgeLength, edgeOf } from "../piece/index.ts";
import { withSeamNotches } from "./index.ts";

const brief = sampleDraft("brief", BRIEF_FACTS);
const notchesOn = ({ pieces }: Draft, piece: string, edge: string) =>
  pieces.find(({ id }) => id === piece)?.notches.filter((notch) => notch.edge === edge) ?? [];
const mmOf = ({ pieces }: Draft, piece: string, edge: string) =>
  edgeLength(edgeOf(pieces.find(({ id }) => id === piece) as Draft["pieces"][number], edge));

describe("notches of seams", () => {
  it("lie in the middle of both sides of every seam over 80 mm", () => {
    for (const { id, edges } of brief.pieces)
      for (const edge of edges.filter(({ seam, role }) => seam && role !== "gusset" && role !== "own"))
        expect(notchesOn(brief, id, edge.id)).toEqual(
          edgeLength(edge) > 80 ? [{ edge: edge.id, mm: edgeLength(edge) / 2, by: "seam" }] : [],
        );
    expect(mmOf(brief, "front", "side")).toBeGreaterThan(80);
  });

  it("tell the front of a gusset, one, from its back, two 6 mm apart, on the pieces, the gusset and its lining", () => {
    const gusset = ["gusset", "gussetLining"].flatMap((id) => ["front", "back"].map((edge) => [id, edge] as const));
    for (const [piece, edge] of [["front", "gusset"], ["back", "gusset"], ...gusset] as const) {
      const back = [piece, edge].includes("back");
      const [first, second, ...more] = notchesOn(brief, piece, edge);
      expect(more).toEqual([]);
      const middle = mmOf(brief, piece, edge) / 2;
      expect(first?.mm).toBeCloseTo(back ? middle - 3 : middle, 9);
      expect(second === undefined ? null : second.mm - (first?.mm ?? 0)).toEqual(back ? expect.closeTo(6, 9) : null);
    }
  });

  it("follow their seam when it is changed, and leave what a maker set alone", () => {
    const longer = ["front", "back"].map((piece) =>
      call("lengthen", { piece, from: "waist", to: "highHip", centre: 24, side: 24 }),
    );
    const [after, own] = [
      operate(brief, longer),
      operate(brief, [call("notchPair", { piece: "front", edge: "side", at: 40, from: "start" })]),
    ];
    if (!after.ok || !own.ok) throw new Error("Both can be done.");
    const side = mmOf(after.value.draft, "front", "side");
    expect(side).toBeGreaterThan(mmOf(brief, "front", "side") + 10);
    expect(notchesOn(after.value.draft, "front", "side")).toEqual([{ edge: "side", mm: side / 2, by: "seam" }]);
    expect(notchesOn(own.value.draft, "front", "side")).toEqual([{ edge: "side", mm: 40 }]);
  });

  it("are the same set twice", () => expect(withSeamNotches(withSeamNotches(brief))).toEqual(withSeamNotches(brief)));
});

describe("notches of a cup and what carries it", () => {
  const bra = sampleDraft("wiredBra", braFacts({ seams: "threePieces" }));

  it("lie where the seams of the other end, as far along from the centre", () => {
    const [meeting] = bra.meetings ?? [];
    if (!meeting) throw new Error("A bra has its channel.");
    const line = runLength(bra, meeting.first);
    const bridge = mmOf(bra, "bridge", "wire");
    // From the centre: the upper cup, the lower one, the side; on the band the bridge, then the cradle.
    const [upper, lower] = ["upper", "lower"].map((id) => mmOf(bra, id, "wire")) as [number, number];
    const onBand = [
      ...notchesOn(bra, "bridge", "wire").map(({ mm }) => mm),
      ...notchesOn(bra, "cradle", "wire").map(({ mm }) => bridge + mm),
    ];
    expect(onBand).toEqual([expect.closeTo(upper, 3), expect.closeTo(upper + lower, 3)]);
    // Cup pieces are gone round the other way: from their start a place is as far as it is from the underarm.
    const [onLower] = notchesOn(bra, "lower", "wire");
    expect(onLower?.mm).toBeCloseTo(upper + lower - bridge, 3);
    expect(line).toBeCloseTo(upper + lower + mmOf(bra, "side", "wire"), 1);
  });
});
