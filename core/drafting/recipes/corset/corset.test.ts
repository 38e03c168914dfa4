import { describe, expect, it } from "vitest";
import { CORSET_FACTS, sampleDraft } from "../../../testing/index.ts";
import { checkDraft } from "../../checks/index.ts";
import type { Draft } from "../../draft.ts";
import { girthsOf } from "../../measured.ts";
import { call, operate, panelEdges } from "../../operations/index.ts";
import { edgeLength, edgeOf, levelWidth, type Piece } from "../../piece/index.ts";
import type { DraftFacts } from "../facts.ts";
import { drawBy } from "../recipes.ts";
import { shellOf } from "./lining.ts";
import { mostPanelTurn } from "./mostPanelTurn.ts";

const drawn = (options: DraftFacts["options"] = {}, own: Partial<DraftFacts> = {}) =>
  sampleDraft("corset", { ...CORSET_FACTS, ...own, options: { ...CORSET_FACTS.options, ...options } });
const panel = (draft: Draft, at: number): Piece => {
  const piece = draft.pieces[at - 1];
  if (!piece) throw new Error(`There is no panel ${at}.`);
  return piece;
};
const widthAt = (piece: Piece, level: string): number => {
  const line = piece.levels.find((one) => one.level === level);
  return line ? levelWidth(line) : Number.NaN;
};
const problemOf = (options: DraftFacts["options"], own: Partial<DraftFacts> = {}) => {
  const draft = drawBy("corset", { ...CORSET_FACTS, ...own, options: { ...CORSET_FACTS.options, ...options } });
  return draft.ok ? null : draft.problem.code;
};
const broken = (draft: Draft) => checkDraft(draft).filter(({ ok }) => !ok);

describe("the panels of a boned garment", () => {
  it("come to the closed girth with the gap, at every level", () => {
    const { girths } = girthsOf(drawn());
    expect(girths.map(({ level }) => level)).toEqual(["underbust", "midRib", "waist", "highHip", "lowerEdge"]);
    for (const { plannedMm, piecesMm } of girths) expect(piecesMm).toBeCloseTo(plannedMm, 6);
  });

  it("by hand: 788 at the underbust is 78.8 a panel; 78 less at the waist is 39 over four seams", () => {
    const draft = drawn();
    expect(widthAt(panel(draft, 2), "underbust")).toBeCloseTo(78.8, 9);
    expect(widthAt(panel(draft, 1), "waist")).toBeCloseTo(78.8 - 39 / 8, 9);
    expect(widthAt(panel(draft, 2), "waist")).toBeCloseTo(78.8 - 39 / 4, 9);
  });

  it.each(["even", "sideLed", "halves"])(
    "by %s: both edges of a seam are as long, and as long as the body is",
    (weights) => {
      const draft = drawn({ weights });
      for (const at of [1, 2, 3, 4]) {
        const [back, front] = [edgeOf(panel(draft, at), "back"), edgeOf(panel(draft, at + 1), "front")];
        expect(Math.abs(edgeLength(back) - edgeLength(front))).toBeLessThan(0.01);
      }
      // The third seam is the side seam: the heights taken there.
      expect(edgeLength(edgeOf(panel(draft, 3), "back"))).toBeCloseTo(60 + 64 + 100 + 94, 2);
      expect(broken(draft)).toEqual([]);
    },
  );

  it("keeps the centres straight, and the waist straight across each panel", () => {
    const draft = drawn({ weights: "sideLed" });
    for (const piece of draft.pieces) {
      const waist = piece.levels.find(({ level }) => level === "waist");
      expect(waist?.from.y).toBeCloseTo(waist?.to.y ?? Number.NaN, 9);
    }
    expect(edgeOf(panel(draft, 5), "back").lines).toHaveLength(1);
    expect(edgeOf(panel(draft, 1), "front").lines).toHaveLength(1);
  });

  it("marks every seam where its levels are matched", () => {
    expect(
      panel(drawn(), 2)
        .notches.filter(({ edge }) => edge === "back")
        .map(({ mm }) => Math.round(mm)),
    ).toEqual([61, 125, 224]);
  });

  it("opens in front in two pieces, on the fold in one", () => {
    expect([panel(drawn(), 1).count, panel(drawn({ front: "opens" }), 1).count]).toEqual([1, 2]);
    expect(edgeOf(panel(drawn({ front: "opens" }), 1), "front").allowanceMm).toBe(30);
  });

  it("leaves a triangle open behind above the waist, counted beside the panels", () => {
    const draft = drawn({ open_top: 60, open_waist: 10 });
    const plain = drawn();
    const less = (level: string) => widthAt(panel(plain, 5), level) - widthAt(panel(draft, 5), level);
    expect([less("underbust"), less("waist"), less("highHip")]).toEqual([
      expect.closeTo(30, 6),
      expect.closeTo(5, 6),
      expect.closeTo(0, 6),
    ]);
    expect(broken(draft)).toEqual([]);
  });

  it("draws an upper edge in by 10 mm a side, half of that where a sleeve hangs from it", () => {
    const edge = (upper_edge: string) =>
      drawn({ above_front: 40, above_side: 30, above_back: 20, upper_edge }).pieces.reduce((sum, piece) => {
        const [back, front] = [edgeOf(piece, "back").lines[0], edgeOf(piece, "front").lines.at(-1)];
        return sum + (back?.from.x ?? 0) - (front?.to.x ?? 0);
      }, 0);
    expect(edge("plain") - edge("noSleeve")).toBeCloseTo(10, 6);
    expect(edge("plain") - edge("sleeve")).toBeCloseTo(5, 6);
  });

  it("ends in front above the lap of one who sits", () => {
    const short = broken(drawn({}, { measures: { ...CORSET_FACTS.measures, waist_to_lap: 180 } }));
    expect(short.map(({ id }) => id)).toEqual(["limitsKept"]);
    expect(short[0]?.message).toMatch(/centre front below the waist to be at most .* 160 mm, but it is 186 mm/);
  });

  it("says which seam turns too fast, and more panels mend it", () => {
    const girths = { ...CORSET_FACTS.girths, waist: 640 };
    const turns = (panels: number) =>
      broken(drawn({ panels, side_seam: Math.ceil(panels / 2) }, { girths })).map(({ id }) => id);
    expect(turns(4)).toContain("turnsHeld");
    expect(turns(8)).toEqual([]);
  });

  it.each([
    [{ share_1: 0.3, share_2: 0.3 }, "shares-of-all"],
    [{ share_1: 0.3, share_2: 0.3, share_3: 0.3, share_4: 0.3, share_5: 0.3 }, "shares-do-not-sum"],
    [{ side_seam: 5 }, "side-seam-outside"],
    [{ base: "bust" }, "no-base"],
    [{ weights: "own" }, "weights-outside"],
    [{ above_front: 40 }, "edge-at-its-level"],
  ] as const)("%o is refused as %s", (options, code) => expect(problemOf(options)).toBe(code));

  it("names a height that was not taken, and a girth the gap takes whole", () => {
    const { height_mid_rib_waist_side: _side, ...measures } = CORSET_FACTS.measures;
    expect(problemOf({}, { measures })).toBe("missing-height");
    expect(problemOf({ gap: 200 }, { girths: { waist: 190 } })).toBe("no-width-left");
    expect(problemOf({}, { girths: { ...CORSET_FACTS.girths, waist: 60 } })).toMatch(
      /no-width-left|seam-turns-too-much/,
    );
  });
});

describe("the panel seams moved", () => {
  const gap = (params: object) =>
    operate(drawn(), [
      call("panelSeams", {
        ...{
          upper: "underbust",
          upperAmount: 2,
          at: "waist",
          amount: 0,
          lower: "lowerEdge",
          lowerAmount: -1,
          gap: "takes",
        },
        ...params,
      }),
    ]);
  const width = (draft: Draft, level: string) =>
    girthsOf(draft).girths.find((one) => one.level === level)?.piecesMm ?? Number.NaN;

  it("are sixteen edges of five panels a side; let out by 2 mm each at the top, 32 mm go from the gap to the panels", () => {
    const [before, moved] = [drawn(), gap({})];
    if (!moved.ok) throw new Error(moved.problem.message);
    const { draft } = moved.value;
    expect(panelEdges(before)).toBe(16);
    expect(widthAt(panel(draft, 2), "underbust")).toBeCloseTo(78.8 + 4, 9);
    expect(widthAt(panel(draft, 1), "underbust")).toBeCloseTo(78.8 + 2, 9);
    expect(draft.levels.find(({ level }) => level === "underbust")?.besideMm).toBeCloseTo(50 - 32, 9);
    // Closed it is as large as it was: nothing is broken.
    expect(width(draft, "underbust")).toBeCloseTo(838, 9);
    expect(width(draft, "waist")).toBeCloseTo(760, 9);
    expect(broken(draft)).toEqual([]);
    // Between the levels it changes evenly.
    expect(widthAt(panel(draft, 2), "midRib") - widthAt(panel(before, 2), "midRib")).toBeGreaterThan(1);
  });

  it("make the closed garment larger where the gap stays", () => {
    const moved = gap({ gap: "stays" });
    expect(moved.ok && width(moved.value.draft, "underbust")).toBeCloseTo(838 + 32, 9);
  });

  it("name a level that is none, and pieces without panels", () => {
    expect(gap({ at: "knee" })).toMatchObject({ ok: false, problem: { message: expect.stringMatching(/got “knee”/) } });
  });
});

it("what no panel covers may be less than nothing, where layers eat more than there is gap", () => {
  const draft = drawn({ gap: 0, added: 4 });
  expect(draft.levels.every(({ besideMm }) => besideMm === -4)).toBe(true);
  expect(broken(draft)).toEqual([]);
});

it("the most its seams turn is told alike with and without drawing them", () => {
  for (const weights of ["even", "sideLed", "halves"]) {
    const facts = { ...CORSET_FACTS, options: { ...CORSET_FACTS.options, weights } };
    const most = Math.max(...(drawn({ weights }).turns ?? []).map(({ mm }) => mm));
    expect(mostPanelTurn(facts)).toBe(most);
  }
  expect(mostPanelTurn({ ...CORSET_FACTS, options: { ...CORSET_FACTS.options, side_seam: 5 } })).toBeNull();
});

describe("a lining in panels", () => {
  const lined = { ...CORSET_FACTS, options: { ...CORSET_FACTS.options, lining: "whole" } };

  it("is every panel again, sewn to its own neighbours, and counts in no girth", () => {
    const [plain, draft] = [sampleDraft("corset", CORSET_FACTS), sampleDraft("corset", lined)];
    const linings = draft.pieces.filter(({ role }) => role === "lining");
    expect(linings.map(({ id }) => id)).toEqual(["lining1", "lining2", "lining3", "lining4", "lining5"]);
    expect(linings[1]?.edges.find(({ id }) => id === "back")?.seam).toMatchObject({ piece: "lining3", edge: "front" });
    expect(girthsOf(draft)).toEqual(girthsOf(plain));
    expect(shellOf(draft).pieces).toEqual(plain.pieces);
    expect(broken(draft)).toEqual([]);
  });

  it("follows a change of the panels, whose seams alone take it", () => {
    const draft = sampleDraft("corset", lined);
    expect(panelEdges(draft)).toBe(16);
    const params = { upper: "underbust", upperAmount: 2, at: "waist", amount: 0, lower: "lowerEdge", lowerAmount: -1 };
    const moved = operate(draft, [call("panelSeams", { ...params, gap: "takes" })]);
    if (!moved.ok) throw new Error(moved.problem.message);
    const lines = (id: string) =>
      moved.value.draft.pieces.find((piece) => piece.id === id)?.edges.map(({ lines }) => lines);
    expect(lines("lining2")).toEqual(lines("panel2"));
    expect(lines("lining2")).not.toEqual(
      draft.pieces.find(({ id }) => id === "lining2")?.edges.map(({ lines }) => lines),
    );
  });
});
