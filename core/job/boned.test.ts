import { describe, expect, it } from "vitest";
import { NEW_CORSET } from "../corset/index.ts";
import { styleOf } from "../ease/index.ts";
import { frozenRings } from "../fitting/index.ts";
import { SAMPLE_JOB, SAMPLE_SHEET, sampleIngredients } from "../testing/index.ts";
import { freezePlan } from "./freezePlan.ts";
import { plannedByStyle } from "./job.ts";
import { type JobIngredients, planJob } from "./planJob.ts";

const style = styleOf("waistCincher");
const single = (code: "mid_rib" | "cinched_waist", mm: number) => ({
  code,
  side: "single" as const,
  text: String(mm),
  mm,
});
const boned = (own: Partial<JobIngredients> = {}): JobIngredients =>
  sampleIngredients({
    style,
    // As it was planned before boned garments had rules of their own.
    job: plannedByStyle(
      { ...SAMPLE_JOB, styleId: style.id, school: "fixed", zones: { waist: { by: "own", garmentMm: 800 } } },
      style,
    ),
    sheet: { ...SAMPLE_SHEET, values: [...SAMPLE_SHEET.values, single("mid_rib", 790), single("cinched_waist", 690)] },
    ...own,
  });
const what = (ingredients: JobIngredients) => planJob(ingredients).missing.map((missing) => missing.what);

describe("a boned job", () => {
  it("over the bust is asked for how deep its neckline may go, and not held up by it", () => {
    const over = styleOf("lacedCorset");
    const { missing } = planJob(boned({ style: over }));
    const codes = missing.flatMap((one) => (one.what === "measure" ? [one.code] : []));
    expect(over.measures).toContain("neck_to_front_edge");
    expect(codes).toContain("waist_to_lap");
    expect(codes.filter((code) => code.includes("neck"))).toEqual([]);
  });

  it("knows one school, whatever was chosen before, and waits for its reduction", () => {
    expect(boned().job).toMatchObject({ school: "closed", zones: {} });
    expect(what(boned())).toContain("reduction");
    expect(what(boned())).not.toContain("girth");
  });

  it("takes every girth from its reduction, and none of the cloth's stretch", () => {
    const { planned } = planJob(boned({ corset: { ...NEW_CORSET, offMm: 30 } }));
    const waist = planned?.plan.zones.find(({ zone }) => zone === "waist")?.chosen?.consequences;
    expect(waist).toMatchObject({ garmentMm: 712, shareUsed: null, reach: "within", pull: null, grownGarmentMm: null });
    expect(planned?.plan.broken.map(({ limit }) => limit)).toEqual(["mostStretch"]);
  });

  it("freezes its closed girths, and reads them back so", () => {
    const corset = { ...NEW_CORSET, offMm: 30 };
    const ingredients = boned({ corset, workings: { corset } });
    const frozen = freezePlan(ingredients, planJob(ingredients), { wearerName: "Wenna", changes: [] });
    if (!frozen.ok) throw new Error(frozen.problem.message);
    expect(frozen.value).toMatchObject({ school: "closed", workings: { corset: { offMm: 30 } } });
    const [waist] = frozenRings(frozen.value);
    expect(waist).toMatchObject({ zone: "waist", nowMm: 712, consequences: { shareUsed: null } });
  });
});
