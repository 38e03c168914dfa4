import { describe, expect, it } from "vitest";
import { type CuttingLine, cuttingTable } from "../fitting/index.ts";
import { BRIEF_FACTS, braFacts, sampleChange, sampleDraft } from "../testing/index.ts";
import { cutWays } from "./cutWays.ts";
import { landingFaults } from "./landingFaults.ts";
import { redraw } from "./redraw.ts";

const wired = sampleDraft("wiredBra", braFacts({ seams: "cross" }));
const brief = sampleDraft("brief", BRIEF_FACTS);
const own = (change: Parameters<typeof sampleChange>[0]) =>
  sampleChange({ side: "both", parts: [], lengthId: "", remedy: "", ...change });
const NOTHING = { rings: [], lengths: [] };
const told = (table: ReturnType<typeof cuttingTable>) =>
  table.flatMap(({ piece, lines }) =>
    lines.map(({ doing, amountMm, edges }: CuttingLine) => [piece, doing, amountMm, edges] as const),
  );

describe("the cutting table speaks of the pieces there are", () => {
  it("of a band that rides tells what each wing takes", () => {
    const change = own({ on: "girth", zone: "underbust", spot: "underbust", pieces: "wing", amountMm: -15 });
    const table = cuttingTable([{ change, finding: null }], NOTHING, cutWays([{ draft: wired }], [change]));
    expect(told(table)).toEqual([["wing", "takeIn", -7.5, 2]]);
  });

  it("of a wire that pokes raises the channel by as much as it is drawn longer", () => {
    const change = own({
      on: "wire",
      remedy: "wire-pokes",
      zone: "underbust",
      spot: "wire",
      pieces: "cradle, bridge",
      amountMm: 8,
    });
    const table = cuttingTable([{ change, finding: null }], NOTHING, cutWays([{ draft: wired }], [change]));
    expect(told(table)).toEqual([["cradle", "raise", 8, 2]]);
    const shorter = own({ ...change, remedy: "shorter-wire", pieces: "wire", amountMm: -8 });
    const hardware = cuttingTable(
      [{ change: shorter, finding: null }],
      NOTHING,
      cutWays([{ draft: wired }], [shorter]),
    );
    expect(told(hardware)).toEqual([["wire", "shorter", -8, 1]]);
    expect(hardware[0]?.lines[0]?.instead).toMatch(/^No line moves/);
  });

  it("of a bridge widens the bridge and leaves the seams of the cups alone", () => {
    const change = own({
      on: "wire",
      remedy: "bridge",
      zone: "bust",
      spot: "cupCentre",
      pieces: "bridge",
      amountMm: 5.8,
    });
    const { draft } = redraw(wired, [change], NOTHING);
    for (const id of ["upper", "lower"])
      expect(draft.pieces.find((piece) => piece.id === id)).toEqual(wired.pieces.find((piece) => piece.id === id));
    expect(told(cuttingTable([{ change, finding: null }], NOTHING, cutWays([{ draft: wired }], [change])))).toEqual([
      ["bridge", "widen", 2.9, 2],
      ["wing", "takeIn", -2.9, 2],
    ]);
  });

  it("tells what front and back really take of what goes over both", () => {
    const parts = (["front", "back"] as const).map((id) => ({
      ...{ id, pieces: id, line: "", lengthId: "", amountMm: -5, readMm: null, strain: null },
    }));
    const change = own({
      on: "edge",
      remedy: "wedge",
      zone: "leg",
      spot: "leg",
      pieces: "front, back",
      amountMm: -10,
      parts,
    });
    const table = cuttingTable([{ change, finding: null }], NOTHING, cutWays([{ draft: brief }], [change]));
    expect(told(table)).toEqual([
      ["front", "takeIn", -5, 2],
      ["back", "takeIn", -5, 2],
    ]);
  });

  it("says what is done by hand beside what a remedy names, where no set draws it", () => {
    const change = own({ on: "length", remedy: "centre-back-seam", spot: "smallOfBack", pieces: "back", amountMm: -9 });
    const [back] = cuttingTable(
      [{ change, finding: null }],
      NOTHING,
      cutWays([{ draft: brief }, { draft: wired }], [change]),
    );
    expect(back?.lines[0]).toMatchObject({
      amountMm: -9,
      instead: expect.stringMatching(/^By hand: cut the back apart/),
    });
  });

  it("is as it was where a job has no pieces", () => {
    const change = own({ on: "girth", pieces: "front, back", amountMm: -12 });
    expect(cutWays([], [change]).size).toBe(0);
    expect(told(cuttingTable([{ change, finding: null }], NOTHING))).toEqual([
      ["front", "takeIn", -3, 2],
      ["back", "takeIn", -3, 2],
    ]);
  });
});

describe("the rule that changes land", () => {
  it("holds where each piece came to its part, and names the piece that did not", () => {
    const change = own({ on: "girth", zone: "highHip", spot: "highHip", pieces: "front, back", amountMm: -12 });
    const { draft, steps } = redraw(brief, [change], NOTHING);
    expect(landingFaults(draft, steps)).toMatchObject([{ id: "changesLand", ok: true }]);
    const off = steps.map((step) => ({
      ...step,
      lands: (step.lands ?? []).map((one) => ({ ...one, cameMm: one.byMm + 0.4 })),
    }));
    expect(landingFaults(draft, off)).toMatchObject([
      {
        ok: false,
        piece: "front",
        message: expect.stringContaining("highHip of front to change by the -3.0 mm decided"),
      },
      { ok: false, piece: "back" },
    ]);
    expect(landingFaults(draft, [])).toEqual([]);
  });
});
