import { describe, expect, it } from "vitest";
import { braFacts, evaluate, SAMPLE_BREAST, sampleDraft } from "../../../testing/index.ts";
import { checkDraft } from "../../checks/index.ts";
import type { Draft } from "../../draft.ts";
import { girthsOf, pieceOf, runLength } from "../../measured.ts";
import { wholePieces } from "../../parted/index.ts";
import { edgeLength, edgeOf, type Piece } from "../../piece/index.ts";
import type { DraftFacts } from "../facts.ts";
import { drawBy } from "../recipes.ts";

const wired = (options: DraftFacts["options"] = {}, beside = {}): Draft =>
  sampleDraft("wiredBra", braFacts(options, beside));
const soft = (options: DraftFacts["options"] = {}, beside = {}): Draft =>
  sampleDraft("softBra", braFacts(options, beside));
const lengthIn = (draft: Draft, piece: string, edge: string) => edgeLength(edgeOf(pieceOf(draft, piece), edge));
const faults = (draft: Draft) => checkDraft(draft).filter(({ ok }) => !ok);
const idsOf = ({ pieces }: Draft) => pieces.map(({ id }) => id);
const numberOf = (draft: Draft, id: string) =>
  draft.numbers.find((one) => one.id === id)?.explanation.result.value ?? Number.NaN;
const CHANNEL = SAMPLE_BREAST.wireLineMm ?? 0;
const lowest = (piece: Piece) => Math.max(...piece.edges.flatMap(({ lines }) => lines.map(({ to }) => to.y)));

describe("a wired bra", () => {
  it("is bridge, cradle, wing and cups, with what was asked for beside them", () => {
    expect(idsOf(wired())).toEqual(["bridge", "cradle", "wing", "upper", "lower"]);
    const whole = wired({ sling: "net", channel_width: 12, strap_width: 14, strap_length: 380 });
    expect(idsOf(whole)).toEqual(["bridge", "cradle", "wing", "upper", "lower", "sling", "channel", "strap"]);
    expect(pieceOf(whole, "sling").role).toBe("net");
    expect(lengthIn(whole, "channel", "top")).toBeCloseTo(SAMPLE_BREAST.wireLineMm ?? 0, 0);
    expect(faults(whole)).toEqual([]);
  });

  it("has a channel as long as the cups' lower edge, over bridge and cradle together", () => {
    for (const seams of ["cross", "crossVertical", "vertical", "threePieces"]) {
      const draft = wired({ seams, cup_strain: 0.03 });
      const [meeting] = draft.meetings ?? [];
      if (!meeting) throw new Error("A bra has a channel.");
      expect(runLength(draft, meeting.first)).toBeCloseTo(runLength(draft, meeting.second), 3);
      // The cradle is rigid: the channel is as long as the root, and the cup, cut smaller, is stretched on.
      expect(runLength(draft, meeting.first)).toBeCloseTo(CHANNEL, -0.5);
      expect(runLength(draft, { ...meeting.second, plusMm: 0 })).toBeCloseTo(runLength(draft, meeting.first) / 1.03, 3);
      expect(draft.notes.join(" ")).toMatch(/the cup is stretched on by \d\.\d mm, evenly: the cradle is rigid/);
    }
    const part = (bridge_part: number) => lengthIn(wired({ bridge_part }), "bridge", "wire");
    expect(part(0.4) / part(0.2)).toBeCloseTo(2, 3);
  });

  it("comes to the planned girth, closed hook tape and all, its wings alone giving way", () => {
    const draft = wired({ tape_width: 38 });
    expect(girthsOf(draft).girths).toEqual([{ level: "underbust", plannedMm: 640, piecesMm: expect.closeTo(640, 6) }]);
    const front = 10 + SAMPLE_BREAST.rootWidthMm + 25;
    expect(lengthIn(draft, "wing", "bottom")).toBeCloseTo((640 - 38) / 2 - front, 6);
    expect(numberOf(draft, "wingStrain")).toBeCloseTo((760 - 2 * front - 38) / (640 - 2 * front - 38) - 1, 9);
  });

  it("opens every number by its formula", () => {
    const draft = wired({ wire_length: 190, wire_tips: 128, wire_spring: 8, sling: "net" }, { right: 0.95 });
    expect(draft.numbers.map(({ id }) => id)).toEqual(
      expect.arrayContaining(["left.wing", "right.wireFree", "right.wireRaise", "left.tips", "wingStrain"]),
    );
    for (const { explanation } of draft.numbers) expect(evaluate(explanation)).toBeCloseTo(explanation.result.value, 6);
  });

  it("is drawn to the tips of its wire as worn, the channel as long as before", () => {
    const [narrow, wide] = [wired(), wired({ wire_tips: 140, wire_spring: 10 })];
    const tips = (draft: Draft) => {
      const { lines } = edgeOf(pieceOf(draft, "cradle"), "wire");
      return (lines.at(-1)?.to.x ?? 0) - 10;
    };
    expect(tips(narrow)).toBeCloseTo(SAMPLE_BREAST.rootWidthMm, 6);
    expect(tips(wide)).toBeCloseTo(150, 6);
    expect(numberOf(wide, "tips")).toBe(150);
    expect(wide.notes.join(" ")).toMatch(/wire is 140 mm from tip to tip and the root 136 mm wide: within 3 mm/);
    expect(faults(wide)).toEqual([]);
  });

  it("names a channel too short for its wire, and how much is missing, until it is raised", () => {
    const told = { wire_length: Math.round(CHANNEL) - 20, fold_top: 8, fold_bridge: 8 };
    const draft = wired({ ...told, raise: "none" });
    const free = numberOf(draft, "wireFree");
    expect(free).toBeLessThan(10);
    expect(numberOf(draft, "wireRaise")).toBeCloseTo(10 - free, 9);
    const [fault, ...more] = faults(draft);
    expect(more).toEqual([]);
    expect(fault).toMatchObject({
      id: "needsKept",
      piece: "bridge",
      message: expect.stringMatching(/\d mm are missing/),
    });
    const raised = wired(told);
    expect(faults(raised)).toEqual([]);
    expect(lengthIn(raised, "cradle", "wire") - lengthIn(draft, "cradle", "wire")).toBeCloseTo(10 - free, 2);
    expect(raised.notes.join(" ")).toMatch(/raised by \d+\.\d mm at the underarm/);
  });

  it("raises its channel by as much whatever strain its cups are cut to", () => {
    const told = { wire_length: Math.round(CHANNEL) - 9, fold_top: 4, fold_bridge: 4, raise: "none" };
    const raise = (cup_strain: number) => numberOf(wired({ ...told, cup_strain }), "wireRaise");
    expect(raise(0.05)).toBeCloseTo(raise(0), 2);
    expect(raise(0)).toBeCloseTo(10 - (CHANNEL - 8 - told.wire_length), -0.5);
    expect(faults(wired({ ...told, raise: "wanted", cup_strain: 0.05 }))).toEqual([]);
  });

  it("has a wire of its own on either side, each raised by what it wants", () => {
    const told = { wire_length: Math.round(CHANNEL) - 12, wire_length_right: Math.round(CHANNEL * 0.94) - 30 };
    const draft = wired(told, { right: 0.94 });
    expect(faults(draft)).toEqual([]);
    expect(draft.notes.filter((note) => note.includes("raised by")).map((note) => note.slice(0, 6))).toEqual([
      "Left: ",
    ]);
    const one = wired({ wire_length: Math.round(CHANNEL) - 12 }, { right: 0.94 });
    expect(one.notes.filter((note) => note.includes("raised by"))).toHaveLength(2);
    expect(one.notes.join(" ")).toMatch(/One wire for both sides, but the roots are \d+ and \d+ mm wide/);
  });

  it("picks no wire for the right side where only the left was told of two, and raises nothing there", () => {
    const draft = wired({ wire_length: Math.round(CHANNEL) - 12, wires: "apart" }, { right: 0.94 });
    expect(draft.notes.filter((note) => note.includes("raised by")).map((note) => note.slice(0, 6))).toEqual([
      "Left: ",
    ]);
    expect(draft.notes.join(" ")).not.toMatch(/One wire/);
  });

  it("of two breasts has each its own side: one bridge of two halves, one straight lower edge", () => {
    const draft = wired({}, { right: 0.94 });
    expect(idsOf(draft).slice(0, 4)).toEqual(["bridge", "bridge.right", "cradle", "cradle.right"]);
    expect(lengthIn(draft, "upper.right", "cross") / lengthIn(draft, "upper", "cross")).toBeCloseTo(0.94, 3);
    expect(lengthIn(draft, "wing.right", "bottom")).toBeGreaterThan(lengthIn(draft, "wing", "bottom"));
    for (const id of ["bridge", "cradle", "wing"])
      expect(lowest(pieceOf(draft, id))).toBeCloseTo(lowest(pieceOf(draft, `${id}.right`)), 9);
    const bridge = wholePieces(draft).find(({ id }) => id === "bridge");
    expect(bridge?.edges.map(({ id }) => id)).toEqual(
      expect.arrayContaining(["wire left", "wire right", "bottom left", "bottom right"]),
    );
    expect(faults(draft)).toEqual([]);
    expect(idsOf(wired({ sides: "larger" }, { right: 0.94 }))).toEqual(idsOf(wired()));
  });

  it("has a hook end as high as its tape, by rows or as measured", () => {
    expect([1, 2, 3].map((hook_rows) => lengthIn(wired({ hook_rows }), "wing", "end"))).toEqual([19, 38, 57]);
    expect(lengthIn(wired({ hook_tape: 44 }), "wing", "end")).toBe(44);
  });

  it("names an arch that leaves less than 12 mm, or less than the fold of its elastic, below the channel", () => {
    const arch = (options: DraftFacts["options"]) => faults(wired({ bottom_arch: 40, cradle_depth: 20, ...options }));
    expect(arch({ bottom_arch: 0 })).toEqual([]);
    expect(arch({ bridge_part: 0.45 })).toMatchObject([
      { id: "edgesApart", edge: "bottom", message: expect.stringMatching(/Expected 12 mm .*channel to edge/) },
    ]);
    expect(
      arch({ bottom_arch: 0, edge_fold: 24 })
        .map(({ message }) => message)
        .join(),
    ).toContain("fold of the elastic");
  });

  it("says what does not fit: a girth that front and hooks take up, tips wider than the cup is long", () => {
    const problem = (options: DraftFacts["options"], beside = {}) => {
      const drawn = drawBy("wiredBra", braFacts(options, beside));
      return drawn.ok ? null : drawn.problem;
    };
    expect(problem({}, { underbust: 400 })).toMatchObject({
      code: "band-too-short",
      message: expect.stringMatching(/^Expected a planned underbust of at least 440 mm.* but got 400 mm/),
    });
    expect(problem({ wire_tips: 290 })?.code).toBe("tips-too-far");
    expect(problem({ wire_tips: 205 }, { right: 0.9 })?.message).toMatch(/^Right: Expected the tips/);
    expect(problem({ wire_length: 300 })).toMatchObject({
      code: "wire-too-long",
      message: expect.stringMatching(/at most 246 mm for a channel of 212 mm.* it is 300 mm long/),
    });
    expect(problem({ hook_rows: 4 })?.message).toMatch(/hook_rows to be a whole number from 1 to 3, but got 4/);
    expect(problem({ hook_rows: 1.5 })?.code).toBe("option-outside");
  });
});

describe("a soft bra", () => {
  it("is a front band round the cups and a back, without an opening or with hooks", () => {
    expect(
      soft()
        .pieces.map(({ id, onFold }) => [id, onFold])
        .slice(0, 2),
    ).toEqual([
      ["front", true],
      ["back", true],
    ]);
    const hooked = soft({ back: "hooks", tape_width: 30 });
    expect(pieceOf(hooked, "back")).toMatchObject({ onFold: false, count: 2, mirrored: true });
    for (const draft of [soft(), hooked]) {
      expect(girthsOf(draft).girths[0]?.piecesMm).toBeCloseTo(640, 6);
      expect(faults(draft)).toEqual([]);
    }
    expect(lengthIn(soft({ back_height: 62 }), "back", "centre")).toBe(62);
  });

  it("has neckline and armhole apart where the strap meets the cup, as long together as the upper root", () => {
    const along = (strap_shift: number) =>
      ["neckline", "armhole"].map((edge) => lengthIn(soft({ seams: "cross", strap_shift }), "upper", edge));
    const [[neck = 0, arm = 0], [neckOut = 0, armOut = 0]] = [along(0), along(20)];
    expect(neckOut).toBeGreaterThan(neck + 15);
    expect(neckOut + armOut).toBeCloseTo(neck + arm, 0);
  });

  it("dips between its cups, and says so of straps without a length", () => {
    expect(lengthIn(soft({ bridge_dip: 10 }), "front", "centre")).toBeCloseTo(
      lengthIn(soft(), "front", "centre") - 10,
      6,
    );
    expect(soft({ strap_width: 12 }).notes.join()).toContain("Straps of cloth need a length, here or at Band");
  });
});
