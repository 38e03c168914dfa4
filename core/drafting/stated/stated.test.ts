import { describe, expect, it } from "vitest";
import { samplePiece } from "../../testing/index.ts";
import { checkDraft } from "../checks/index.ts";
import type { Draft } from "../draft.ts";
import { girthsOf } from "../measured.ts";
import { operate } from "../operations/index.ts";
import { edgeLength } from "../piece/index.ts";
import type { StatedEdge } from "./statedEdge.ts";
import { seamOff, statedSeams } from "./statedSeams.ts";

const edge = (own: Partial<StatedEdge>): StatedEdge => ({
  ...{ piece: "Front", edge: "waist", lengthMm: 160, counts: "", times: 1, seam: "", easeMm: 0 },
  ...own,
});
const draftOf = (stated: readonly StatedEdge[], own: Partial<Draft> = {}): Draft => ({
  ...{ recipe: "ownPattern", pieces: [], stated, round: [], levels: [{ level: "waist", plannedMm: 640 }], loops: [] },
  ...{ numbers: [], oneLines: [], elastics: [], limits: [], rollMm: null, notes: [] },
  ...own,
});
const WAIST = [edge({ counts: "waist", times: 2 }), edge({ piece: "Back", lengthMm: 150, counts: "waist", times: 2 })];
const TRIANGLE = [
  [0, 0],
  [30, 0],
  [30, 40],
] as const;
const broken = (draft: Draft, rule: string) => checkDraft(draft).filter(({ ok, id }) => !ok && id === rule);

describe("girths of stated edges", () => {
  it("are summed as often as each goes round", () =>
    expect(girthsOf(draftOf(WAIST)).girths).toEqual([{ level: "waist", plannedMm: 640, piecesMm: 620 }]));

  it("are held against the plan within 1 mm", () => {
    expect(broken(draftOf(WAIST), "girthsSum")[0]?.message).toContain("640.0 mm at waist");
    expect(broken(draftOf(WAIST, { levels: [{ level: "waist", plannedMm: 620.9 }] }), "girthsSum")).toEqual([]);
  });

  it("are open where no edge counts to a level", () =>
    expect(girthsOf(draftOf([edge({})]))).toEqual({ girths: [], openLevels: ["waist"] }));

  it("take the length of an edge that is drawn from its line", () => {
    const piece = samplePiece(TRIANGLE);
    const [first] = piece.edges;
    if (!first) throw new Error("The sample has no edge.");
    const own = edge({ piece: piece.id, edge: first.id, lengthMm: null, counts: "waist" });
    expect(girthsOf(draftOf([own], { pieces: [piece] })).girths[0]?.piecesMm).toBeCloseTo(edgeLength(first), 9);
    expect(() => girthsOf(draftOf([{ ...own, edge: "gone" }], { pieces: [piece] }))).toThrow("no edge gone");
  });
});

describe("seams named by letters", () => {
  const side = (piece: string, lengthMm: number, own: Partial<StatedEdge> = {}) =>
    edge({ piece, edge: "side", lengthMm, seam: "A", ...own });

  it("match within 1 mm, or by the ease stated", () => {
    expect(broken(draftOf([side("Front", 330), side("Back", 331)]), "seamsMatch")).toEqual([]);
    expect(broken(draftOf([side("Front", 330), side("Back", 336, { easeMm: 6 })]), "seamsMatch")).toEqual([]);
    const [fault] = broken(draftOf([side("Front", 330), side("Back", 336)]), "seamsMatch");
    expect(fault).toMatchObject({ piece: "Front", edge: "side" });
    expect(fault?.message).toContain("6.0 mm apart");
  });

  it("sum several edges of one piece to one side", () => {
    const [seam] = statedSeams(
      draftOf([side("Front", 330), side("Back", 200), side("Back", 131, { edge: "lower side" })]),
    );
    expect(seam?.sides?.map(({ lengthMm }) => lengthMm)).toEqual([330, 331]);
    expect(seam?.sides && seamOff(seam.sides)).toBe(-1);
  });

  it("may both lie on one piece, as those of a dart", () =>
    expect(statedSeams(draftOf([side("Front", 80), side("Front", 80, { edge: "other leg" })]))[0]?.sides).toHaveLength(
      2,
    ));

  it("are named where they have one side, or three", () => {
    expect(broken(draftOf([side("Front", 330)]), "seamsMatch")[0]?.message).toContain("but 1 carry");
    const three = [side("Front", 330), side("Back", 330), side("Gusset", 330)];
    expect(broken(draftOf(three), "seamsMatch")[0]?.message).toContain("but 3 carry");
  });
});

describe("stating a girth anew", () => {
  const restated = (draft: Draft, amount: number) =>
    operate(draft, [{ operation: "restate", params: { level: "waist", amount } }]);

  it("changes each edge by its share of the whole, and reports each", () => {
    const done = restated(draftOf(WAIST), -31);
    if (!done.ok) throw new Error(done.problem.message);
    expect(done.value.draft.stated?.map(({ lengthMm }) => lengthMm)).toEqual([152, 142.5]);
    expect(done.value.reports[0]).toMatchObject({
      edges: [
        { piece: "Front", edge: "waist", beforeMm: 160, afterMm: 152 },
        { piece: "Back", edge: "waist", beforeMm: 150, afterMm: 142.5 },
      ],
      girths: [{ level: "waist", beforeMm: 620, afterMm: 589 }],
    });
  });

  it("refuses what is not stated, what is drawn, and what would leave nothing", () => {
    const codes = [
      draftOf([edge({})]),
      draftOf([...WAIST, edge({ lengthMm: null, counts: "waist", ...drawn })], { pieces: [piece] }),
    ]
      .map((draft) => restated(draft, 5))
      .map((done) => (done.ok ? "" : done.problem.code));
    expect(codes).toEqual(["nothing-stated", "edge-drawn"]);
    expect(restated(draftOf([edge({ counts: "waist", lengthMm: 10 })]), -12)).toMatchObject({
      ok: false,
      problem: { code: "nothing-left" },
    });
  });
  const piece = samplePiece(TRIANGLE);
  const drawn = { piece: piece.id, edge: piece.edges[0]?.id ?? "" };
});
