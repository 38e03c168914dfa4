import { describe, expect, it } from "vitest";
import { BRIEF_FACTS, braFacts, ONE_PIECE_FACTS, sampleDraft } from "../../testing/index.ts";
import { checkDraft } from "../checks/index.ts";
import type { Draft } from "../draft.ts";
import { pieceOf } from "../measured.ts";
import { operate } from "../operations/index.ts";
import { wholePieces } from "../parted/index.ts";
import { edgeOf } from "../piece/index.ts";

const onePiece = (options: object) =>
  sampleDraft("onePiece", {
    girths: { ...ONE_PIECE_FACTS.girths, underbust: 690 },
    lengths: { ...ONE_PIECE_FACTS.lengths, underbust_to_waist: 90 },
    measures: ONE_PIECE_FACTS.measures,
    options: { ...ONE_PIECE_FACTS.options, ...options },
  });
const brief = (options: object) =>
  sampleDraft("brief", { ...BRIEF_FACTS, options: { ...BRIEF_FACTS.options, ...options } });
const named = ({ pieces }: Draft, role: string) => pieces.filter((one) => one.role === role).map(({ name }) => name);
const faults = (draft: Draft) => checkDraft(draft).filter(({ ok }) => !ok);
const linesOf = (draft: Draft, id: string) => pieceOf(draft, id).edges.map(({ lines }) => lines);

describe("a lining", () => {
  it("is drawn of the front, of all of it, or of the shell again", () => {
    expect(named(onePiece({ lining: "none" }), "lining")).toEqual(["Gusset lining"]);
    const front = onePiece({ lining: "front" });
    expect(named(front, "lining")).toEqual(["Gusset lining", "Front lining", "Pocket for cups"]);
    expect(named(brief({ lining: "whole" }), "lining")).toEqual(["Gusset lining", "Front lining", "Back lining"]);
    expect(named(brief({ lining: "reversible" }), "shell")).toEqual([
      ...["Front", "Back", "Gusset", "Front, other side", "Back, other side"],
    ]);
    for (const draft of [front, brief({ lining: "whole" }), brief({ lining: "reversible" })])
      expect(faults(draft)).toEqual([]);
  });

  it("is sewn to its own neighbours, caught where it has none, and no part of any girth", () => {
    const draft = brief({ lining: "whole" });
    expect(edgeOf(pieceOf(draft, "frontLining"), "side").seam).toMatchObject({ piece: "backLining", edge: "side" });
    expect(edgeOf(pieceOf(brief({ lining: "front" }), "frontLining"), "side").seam).toBeNull();
    expect(draft.round).toEqual(["front", "back"]);
  });

  it("follows what is changed on the piece it lies in, also where left and right are told apart", () => {
    const draft = onePiece({ lining: "whole" });
    const girth = { operation: "girth", params: { level: "waist", amount: -16, blend: 60 } };
    const changed = operate(draft, [girth]);
    if (!changed.ok) throw new Error(changed.problem.message);
    expect(linesOf(changed.value.draft, "frontLining")).toEqual(linesOf(changed.value.draft, "front"));
    expect(linesOf(changed.value.draft, "frontLining")).not.toEqual(linesOf(draft, "frontLining"));
    const left = operate(draft, [{ ...girth, params: { ...girth.params, side: "left" } }]);
    if (!left.ok) throw new Error(left.problem.message);
    expect(wholePieces(left.value.draft).map(({ name }) => name)).toEqual(
      expect.arrayContaining(["Front lining", "Back lining", "Pocket for cups"]),
    );
    // The girth alone is otherwise than was planned, as it was asked to be.
    expect(faults(left.value.draft).map(({ id }) => id)).toEqual(["girthsSum"]);
  });

  it("of cups lies in every piece of the front, and in the wings where all of it is lined", () => {
    const lining = (options: object) => named(sampleDraft("softBra", braFacts({ ...options })), "lining");
    const [front, whole] = [lining({ lining: "front" }), lining({ lining: "whole" })];
    expect(front.length).toBeGreaterThan(2);
    expect(whole).toEqual([...front, "Back band lining"]);
  });
});

describe("a pocket for cups", () => {
  it("is all of a lined front above the underbust line, unless it is refused or no underbust is planned", () => {
    const draft = onePiece({ lining: "front" });
    const [pocket, front] = [pieceOf(draft, "cupPocket"), pieceOf(draft, "front")];
    const line = front.levels.find(({ level }) => level === "underbust");
    const lower = edgeOf(pocket, "lower").lines;
    expect(lower.at(-1)?.to).toEqual(line?.from);
    expect(lower[0]?.from.x).toBeCloseTo(line?.to.x ?? 0, 3);
    expect(edgeOf(pocket, "armhole").lines).toEqual(edgeOf(front, "armhole").lines);
    expect(faults(draft)).toEqual([]);
    for (const options of [{ lining: "front", cup_pocket: "none" }, { lining: "none" }])
      expect(named(onePiece(options), "lining")).not.toContain("Pocket for cups");
    const unplanned = { ...ONE_PIECE_FACTS, options: { lining: "front" } };
    expect(named(sampleDraft("onePiece", unplanned), "lining")).toEqual(["Gusset lining", "Front lining"]);
  });
});
