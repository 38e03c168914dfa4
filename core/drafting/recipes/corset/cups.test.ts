import { describe, expect, it } from "vitest";
import { CORSET_FACTS, sampleDraft } from "../../../testing/index.ts";
import { checkDraft, outlineCloses } from "../../checks/index.ts";
import type { Draft } from "../../draft.ts";
import { girthsOf } from "../../measured.ts";
import { operate } from "../../operations/index.ts";
import { edgeLength, edgeOf } from "../../piece/index.ts";
import type { DraftFacts } from "../facts.ts";
import { drawBy } from "../recipes.ts";

const FACTS: DraftFacts = {
  ...CORSET_FACTS,
  measures: {
    ...CORSET_FACTS.measures,
    ...{ height_bust_underbust_front: 94, height_bust_underbust_side: 86, height_bust_underbust_back: 82 },
    ...{ wire_line: 232, bridge_width: 22 },
  },
  girths: { ...CORSET_FACTS.girths, bust: 960 },
  options: { gap: 50, cup_from_side: 40, above_front: 30, above_side: 25, above_back: 20 },
};
const drawn = (own: Partial<DraftFacts> = {}, options: DraftFacts["options"] = {}) =>
  sampleDraft("corset", { ...FACTS, ...own, options: { ...FACTS.options, ...options } });
const problemOf = (measures: DraftFacts["measures"], options: DraftFacts["options"] = {}) => {
  const draft = drawBy("corset", {
    ...FACTS,
    measures: { ...FACTS.measures, ...measures },
    options: { ...FACTS.options, ...options },
  });
  return draft.ok ? null : draft.problem.code;
};
const cupLine = (draft: Draft) =>
  draft.pieces
    .flatMap(({ edges }) => edges.filter(({ id }) => id === "cup"))
    .reduce((sum, edge) => sum + edgeLength(edge), 0);
const uppers = (draft: Draft) =>
  draft.pieces.map(({ edges }) => edges.flatMap(({ id }) => (["top", "cup", "topSide"].includes(id) ? [id] : [])));

describe("panels cut out for cups", () => {
  it("have a seam as long as the crease, from the gap between the cups to where they begin from the side", () => {
    const draft = drawn();
    expect(cupLine(draft)).toBeCloseTo(232, 3);
    expect(uppers(draft)).toEqual([["top", "cup"], ["cup"], ["cup", "topSide"], ["top"], ["top"]]);
    // Three front panels of 78.8 at the underbust.
    const width = draft.numbers.find(({ id }) => id === "cup.width")?.explanation.result.value;
    expect(width).toBeCloseTo(3 * 78.8 - 40 - 11, 9);
  });

  it("keep both edges of every seam equal, and the upper line without a corner once they are sewn", () => {
    for (const panels of [5, 6, 7]) {
      const draft = drawn({}, { panels, side_seam: Math.ceil(panels / 2), weights: "sideLed" });
      expect(checkDraft(draft).filter(({ ok, id }) => !ok && id !== "turnsHeld")).toEqual([]);
      const [, second, third] = draft.pieces;
      if (!second || !third) throw new Error("There are panels.");
      expect(edgeLength(edgeOf(second, "back"))).toBeCloseTo(edgeLength(edgeOf(third, "front")), 2);
    }
  });

  it("stay closed where their seams are let out beside the cup", () => {
    const amounts = { upper: "bust", upperAmount: 0, at: "underbust", amount: 1.5, lower: "waist", lowerAmount: 0 };
    const moved = operate(drawn(), [{ operation: "panelSeams", params: { ...amounts, gap: "takes" } }]);
    if (!moved.ok) throw new Error(moved.problem.message);
    expect(outlineCloses.faults(moved.value.draft)).toEqual([]);
    expect(cupLine(moved.value.draft)).toBeGreaterThan(cupLine(drawn()));
  });

  it("have no ring at the bust any more, and the planned girth below it", () => {
    const { girths, openLevels } = girthsOf(drawn());
    expect(openLevels).toEqual(["bust"]);
    expect(girths.map(({ level }) => level)).toEqual(["underbust", "midRib", "waist", "highHip", "lowerEdge"]);
  });

  it("lie 15 mm apart where nobody measured between them", () => {
    const { bridge_width: _none, ...measures } = FACTS.measures;
    const width = drawn({ measures }).numbers.find(({ id }) => id === "cup.width")?.explanation.result.value;
    expect(width).toBeCloseTo(3 * 78.8 - 40 - 7.5, 9);
  });

  it("end at the centre front as deep below the neck base as was asked, the crease as long as before", () => {
    // From the underbust it is 62 and 66 on to the waist.
    const measures = { ...FACTS.measures, front_neck_to_waist: 62 + 66 + 40 + 150, neck_to_front_edge: 150 };
    const draft = drawn({ measures });
    expect(draft.numbers.find(({ id }) => id === "cup.front")?.explanation.result.value).toBeCloseTo(40, 9);
    const unmeasured = /How deep the neckline may go was not measured/;
    expect([draft, drawn()].map(({ notes }) => notes.some((note) => unmeasured.test(note)))).toEqual([false, true]);
    const front = draft.pieces[0] && edgeOf(draft.pieces[0], "front");
    const below = front && edgeLength(front) - 40;
    const other = drawn({ measures: { ...measures, neck_to_front_edge: 160 } }).pieces[0];
    expect(other && edgeLength(edgeOf(other, "front"))).toBeCloseTo((below ?? 0) + 30, 6);
    expect(cupLine(draft)).toBeCloseTo(232, 3);
    expect(checkDraft(draft).filter(({ ok, id }) => !ok && id !== "turnsHeld")).toEqual([]);
  });

  it.each([
    [{ front_neck_to_waist: 300, neck_to_front_edge: 290 }, {}, "front-outside"],
    [{ wire_line: 190 }, {}, "crease-too-short"],
    [{ wire_line: 330 }, {}, "crease-too-long"],
    [{ bridge_width: 300 }, {}, "cup-outside"],
  ] as const)("of %o are refused: %s %s", (measures, options, code) => expect(problemOf(measures, options)).toBe(code));

  it("ask for the crease, and for a bust", () => {
    const { wire_line: _none, ...measures } = FACTS.measures;
    const facts = { ...FACTS, measures };
    expect(drawBy("corset", facts)).toMatchObject({ ok: false, problem: { code: "no-crease" } });
    const { bust: _bust, ...girths } = FACTS.girths;
    const below = { ...FACTS, girths };
    expect(drawBy("corset", below)).toMatchObject({ ok: false, problem: { code: "cup-outside" } });
  });
});
