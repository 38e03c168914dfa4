import { describe, expect, it } from "vitest";
import { CLOSED } from "../testing/index.ts";
import { firstWears, NEW_WEAR, type WearFacts, type WearWorking, wearCalculation } from "./index.ts";

const facts: WearFacts = { closed: CLOSED, seams: 8, isForm: false };
const reckon = (own: Partial<WearWorking> = {}, of: Partial<WearFacts> = {}) =>
  wearCalculation.reckon({ ...NEW_WEAR, ...own }, { ...facts, ...of });
const gap = (topMm: number | null, waistMm: number | null, bottomMm: number | null, own = {}) => ({
  ...{ on: "2026-11-02", who: "wearer" as const, mockUp: 1, topMm, waistMm, bottomMm, ...own },
});
const wear = (own: Partial<WearWorking["wears"][number]> = {}) => ({
  ...{ on: null, at0Mm: 706, at10Mm: null, at30Mm: 700, at120Mm: null, comfort: 4, speaks: true, breathes: true },
  ...{ marks: "none" as const, numb: false, note: "" },
  ...own,
});

describe("a gap that was read", () => {
  it("tells what every seam edge takes, out where it is too wide", () => {
    const { gaps } = reckon({ gaps: [gap(82, 50, 34)] });
    expect(gaps[0]).toMatchObject({ parallel: false, good: false, perEdge: { top: 2, waist: 0, bottom: -1 } });
  });

  it("is good where it is parallel and as wanted; parallel alone is not", () => {
    const good = (rows: WearWorking["gaps"], own = {}) => reckon({ gaps: rows, ...own }).gaps[0]?.good;
    expect([good([gap(54, 50, 48)]), good([gap(84, 80, 78)]), good([gap(84, 80, 78)], { targetMm: 80 })]).toEqual([
      true,
      false,
      true,
    ]);
  });

  it("half read is no reading; without panels no edge is told, and that is said", () => {
    expect(reckon({ gaps: [gap(54, null, 48)] }).gaps).toEqual([]);
    expect(reckon({ gaps: [gap(54, 50, 48)] }, { seams: null })).toMatchObject({
      gaps: [{ perEdge: null }],
      lacks: [{ step: "pieces" }],
    });
  });
});

describe("other levels in a wear", () => {
  const girth = (own: Partial<WearWorking["girths"][number]> = {}) => ({
    ...{ on: "2026-11-02", level: "underbust" as const, at0Mm: 812, at10Mm: null, at30Mm: 806, at120Mm: null, ...own },
  });

  it("settle by what lies between their first and last reading", () => {
    const { girths, numbers } = reckon({ girths: [girth(), girth({ at30Mm: null })] });
    expect(girths).toMatchObject([
      { name: "Underbust", firstMm: 812, lastMm: 806, settledMm: 6 },
      { firstMm: 812, lastMm: 812, settledMm: null },
    ]);
    expect(numbers.filter(({ id }) => id.startsWith("girth.")).map(({ id }) => id)).toEqual(["girth.0"]);
  });

  it("that the garment does not have are named", () => {
    expect(reckon({ girths: [girth({ level: "bust" })] }).warnings.join()).toContain("level 1 of the wears");
    expect(reckon({ girths: [girth({ level: "bust", at0Mm: null, at30Mm: null })] }).warnings).toEqual([]);
  });
});

describe("level by level", () => {
  it("the last reading on wearer and form is laid over the plan, evenly between top, waist and bottom", () => {
    const { levels } = reckon({ gaps: [gap(99, 99, 99), gap(70, 50, 30), gap(60, 60, 60, { who: "form" })] });
    const at = (level: string) => levels.find((one) => one.level === level);
    expect(at("underbust")).toMatchObject({ bodyMm: 850, plannedMm: 838, onWearerMm: 858, onFormMm: 848, gapMm: 70 });
    expect(at("waist")).toMatchObject({ onWearerMm: 760, gapMm: 50 });
    // Behind, the mid-rib lies 58 of 120 mm down from the underbust.
    expect(at("midRib")?.gapMm).toBeCloseTo(70 - (20 * 58) / 120, 9);
    expect(at("lowerEdge")).toMatchObject({ gapMm: 30, onWearerMm: 1000 });
  });

  it("what was not closed on anybody says nothing of it", () => {
    expect(
      reckon().levels.every(
        ({ onFormMm, onWearerMm, gapMm }) => onFormMm === null && onWearerMm === null && gapMm === null,
      ),
    ).toBe(true);
  });
});

describe("a pull in the lace", () => {
  const pull = { on: null, level: "waist" as const, after: "30", pullN: 6.5, gapMm: 52 };

  it("presses by its own bands, on the girth as it was closed there", () => {
    const { pulls } = reckon({ pitchMm: 22, pulls: [pull] });
    const tension = (2 * 6.5 * 52) / Math.hypot(52, 22) / 0.022;
    expect(pulls[0]).toMatchObject({ closedMm: 762, band: "firm" });
    expect(pulls[0]?.tensionNPerM).toBeCloseTo(tension, 9);
    expect(pulls[0]?.pressureKpa).toBeCloseTo((2 * Math.PI * tension) / 762, 9);
  });

  it("at a level the garment does not have is named", () => {
    const { pulls, warnings } = reckon({ pitchMm: 22, pulls: [{ ...pull, level: "bust" }] });
    expect([pulls, warnings]).toEqual([
      [],
      ["Expected pull 1 at one of underbust, mid-rib, waist, high hip, lower edge, but got the bust."],
    ]);
  });

  it("that presses too hard is a stop; without the pitch there is no number, and it is asked for", () => {
    expect(reckon({ pitchMm: 22, pulls: [{ ...pull, pullN: 14 }] }).warnings.join(" ")).toMatch(/^Stop: Too hard/);
    expect(reckon({ pulls: [pull] })).toMatchObject({ pulls: [], lacks: [{ name: "how far the eyelets lie apart" }] });
  });
});

describe("wears", () => {
  it("settle from their first reading to their last", () => {
    expect(reckon({ wears: [wear(), wear({ at30Mm: null })] }).wears.map(({ settledMm }) => settledMm)).toEqual([
      6,
      null,
    ]);
  });

  it.each([
    [{ speaks: false }, /a long sentence cannot be spoken/],
    [{ breathes: false }, /no full breath/],
    [{ marks: "stays" }, /marks stay/],
    [{ comfort: 2 }, /not comfortable/],
    [{ numb: true }, /numbness, faintness or pain was felt\. No further wear is planned .*Loosen it at once/],
    [{ note: "cannot speak, marks stay, numb" }, /numb or tingling, the note says that breath or speech fails/],
    [{ note: "a little heartburn" }, /ask a clinician before it is laced again/],
  ] as const)("%o is a stop sign while it is the last", (own, said) => {
    expect(reckon({ wears: [wear(own)] }).warnings.join(" ")).toMatch(said);
    expect(reckon({ wears: [wear(own), wear()] }).warnings).toEqual([]);
  });

  it("begin short and loose, every other day, never tighter than planned", () => {
    const plan = firstWears("2026-12-30");
    expect(plan.map(({ on }) => on)).toEqual([
      "2026-12-30",
      "2027-01-01",
      "2027-01-03",
      "2027-01-05",
      "2027-01-07",
      "2027-01-09",
    ]);
    expect(plan.every(({ minutes, looserMm }) => minutes >= 30 && minutes <= 60 && looserMm >= 0)).toBe(true);
    expect(reckon({ startOn: "2026-12-30" }).planned).toEqual(plan);
    expect(reckon({ startOn: "2026-12-30", wears: [wear({ numb: true })] }).planned).toEqual([]);
    expect(reckon({ startOn: "2026-12-30", wears: [wear({ note: "number 2, painted lace" })] }).warnings).toEqual([]);
    expect(reckon().planned).toEqual([]);
  });
});

it("waits for a reduction", () =>
  expect(reckon({}, { closed: null })).toMatchObject({ levels: [], lacks: [{ step: "corset" }] }));
