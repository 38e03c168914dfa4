import { describe, expect, it } from "vitest";
import { demoStore } from "../../../data/testing/index.ts";
import { itActs } from "../../testing/itActs.ts";
import { postTo } from "../../testing/postTo.ts";

const row = (at: number, own: Readonly<Record<string, string>>) =>
  Object.fromEntries(Object.entries(own).map(([cell, value]) => [`edges[${at}].${cell}`, value]));
const csv = (text: string, name = "chart.csv") => new File([text], name, { type: "text/csv" });
const CHART = "size;edge;count;width;length cm\nS;leg;2;8;48\nM;leg;2;8;50.5";

const WAIST = row(0, { at: "waist", name: "", elastic: "first", school: "ratio", ratio: "0.9" });

itActs([
  {
    does: "keeps the elastics of the edges",
    address: "/jobs/1/elastics",
    right: { intent: "working", working: "elastics", unit: "cm", version: "0", joinMm: "12", ...WAIST },
    gives: "/jobs/1/elastics",
    wrong: [
      [row(0, { ratio: "much" }), ["edges[0].ratio"]],
      [row(0, { ratio: "3" }), ["edges[0].ratio"]],
      [row(0, { kpa: "0" }), ["edges[0].kpa"]],
      [row(0, { edgeMm: "long" }), ["edges[0].edgeMm"]],
      [row(0, { at: "knee" }), ["edges[0].at"]],
      [{ joinMm: "-4" }, ["joinMm"]],
      [{ "chart[0].size": "M", "chart[0].lengthMm": "-3" }, ["chart[0].lengthMm"]],
    ],
    stale: 409,
    foreign: ["/jobs/99/elastics"],
  },
  {
    does: "reads a pattern's chart in",
    address: "/jobs/1/elastics",
    right: { intent: "chart", version: "0", unit: "cm", file: csv(CHART) },
    gives: "/jobs/1/elastics",
    wrong: [
      [{ file: new File([], "") }, ["file"]],
      [{ file: csv(CHART, "chart.ods") }, ["file"]],
      [{ file: csv(CHART.replace("48", "long")) }, ["file"]],
      [{ file: csv("{", "chart.json") }, ["file"]],
      [{ file: csv(`${CHART}\n${"x".repeat(300_000)}`) }, ["file"]],
    ],
    stale: 409,
    foreign: ["/jobs/99/elastics"],
  },
]);

describe("edges that move", () => {
  it("are written down as they are kept, and anew when that is asked for", async () => {
    const { store } = await demoStore();
    const sent = { intent: "working", working: "elastics", unit: "cm", version: "0", ...WAIST };
    await postTo(store, "/jobs/1/elastics", sent);
    const { working } = await store.workings.find(1, "elastics");
    const waistMm = working.keptMm["waist//"] ?? 0;
    expect(waistMm).toBeGreaterThan(500);
    await store.workings.save(1, "elastics", {
      ...{ working: { ...working, keptMm: { "waist//": waistMm - 20 } }, texts: {}, version: 1 },
    });
    const anew = await postTo(store, "/jobs/1/elastics", { intent: "anew", version: "2" });
    expect(anew.location).toBe("/jobs/1/elastics");
    expect((await store.workings.find(1, "elastics")).working.keptMm).toEqual({ "waist//": waistMm });
    expect((await postTo(store, "/jobs/1/elastics", { intent: "anew", version: "1" })).status).toBe(409);
  });
});
