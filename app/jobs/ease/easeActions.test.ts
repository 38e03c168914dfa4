import { beforeEach, describe, expect, it } from "vitest";
import { newJob } from "../../../core/job/index.ts";
import { SAMPLE_CLOTH, SAMPLE_SHEET } from "../../../core/testing/index.ts";
import type { Store } from "../../../data/store.ts";
import { temporaryStore } from "../../../data/testing/index.ts";
import { changeEase } from "./easeActions.server.ts";

let store: Store;
let jobId: number;

beforeEach(async () => {
  store = (await temporaryStore()).store;
  const wearerId = await store.wearers.add({ name: "W", kind: "person", child: false, allergies: "", notes: "" });
  const sheetId = await store.sheets.add({ ...SAMPLE_SHEET, wearerId });
  jobId = await store.jobs.add(
    newJob({ name: "Brief", styleId: "brief", wearerId, sheetId, girthDirection: "across", school: "share" }),
  );
});

const change = (fields: Record<string, string>) =>
  store.inTransaction((repositories) => changeEase({ version: "1", ...fields }, jobId, repositories));
const refusal = async (fields: Record<string, string>) => {
  const answer = await change(fields);
  if (answer instanceof Response) throw new Error("Expected a refusal.");
  return answer.data;
};
const job = async () => {
  const found = await store.jobs.find(jobId);
  if (!found) throw new Error("The job is there.");
  return found;
};

describe("the choice for one zone", () => {
  it("is another school, a girth of one's own rounded to a millimetre, or the job's again", async () => {
    await change({ intent: "zone", zone: "hip", by: "percent" });
    expect((await job()).zones).toEqual({ hip: { by: "percent" } });
    await change({ intent: "zone", zone: "waist", by: "own", garmentMm: "618.5", version: "2" });
    expect((await job()).zones).toEqual({ hip: { by: "percent" }, waist: { by: "own", garmentMm: 619 } });
    await change({ intent: "zone", zone: "hip", by: "job", version: "3" });
    expect((await job()).zones).toEqual({ waist: { by: "own", garmentMm: 619 } });
  });

  it.each([
    [{ intent: "zone", zone: "bust", by: "percent" }, "Expected a zone of this style."],
    [{ intent: "zone", zone: "knee", by: "percent" }, /^Expected a zone of this style \(/],
    [{ intent: "zone", zone: "hip", by: "feel" }, "Expected one of the schools shown."],
    [{ intent: "zone", zone: "hip", by: "own", garmentMm: "" }, "Expected a girth in mm, but the field is empty."],
    [
      { intent: "zone", zone: "hip", by: "own", garmentMm: "1e9" },
      "Expected a girth in mm, 30 to 3000, but got “1e9”.",
    ],
    [{ intent: "pressure", zone: "hip", kpa: "25" }, "Expected a pressure in kPa, 0 to 20, but got “25”."],
    [{ intent: "closure", zone: "waist", closure: "glue" }, /^Expected an opening \(hooks, zip/],
    [{ intent: "elastic", elastic: "1" }, "Expected an elastic of the shelf."],
    [{ intent: "school", school: "__proto__" }, "Expected one of the schools shown."],
    [{ intent: "constructor" }, "Expected something this page can change."],
  ])("refuses %j and changes nothing", async (fields, message) => {
    const before = await job();
    const { error } = await refusal(fields as Record<string, string>);
    expect(error).toEqual(message instanceof RegExp ? expect.stringMatching(message) : message);
    expect(await job()).toEqual(before);
  });
});

describe("pressure, closure and elastic", () => {
  it("are set and taken back", async () => {
    await change({ intent: "pressure", zone: "waist", kpa: "0,8" });
    await change({ intent: "closure", zone: "waist", closure: "zip", version: "2" });
    const elastic = await store.cloths.add({ ...SAMPLE_CLOTH, name: "Picot", kind: "elastic" });
    await change({ intent: "elastic", elastic: String(elastic), version: "3" });
    expect(await job()).toMatchObject({
      pressuresKpa: { waist: 0.8 },
      openings: { waist: "zip" },
      edgeElasticId: elastic,
    });
    await change({ intent: "pressure", zone: "waist", kpa: "", version: "4" });
    await change({ intent: "closure", zone: "waist", closure: "", version: "5" });
    await change({ intent: "elastic", elastic: "", version: "6" });
    expect(await job()).toMatchObject({ pressuresKpa: {}, openings: {}, edgeElasticId: null });
  });
});

it("no ties are opened at the neck of a child", async () => {
  const wearerId = await store.wearers.add({ name: "C", kind: "person", child: true, allergies: "", notes: "" });
  jobId = await store.jobs.add(
    newJob({
      name: "Swimsuit",
      styleId: "onePiece",
      wearerId,
      sheetId: null,
      girthDirection: "across",
      school: "share",
    }),
  );
  const { error } = await refusal({ intent: "closure", zone: "overbust", closure: "ties" });
  expect(error).toMatch(/at the neck of a child/);
  await change({ intent: "closure", zone: "overbust", closure: "hooks" });
  expect((await job()).openings).toEqual({ overbust: "hooks" });
});

it("a later window never overwrites an earlier one unseen", async () => {
  await change({ intent: "school", school: "fixed" });
  expect(await refusal({ intent: "school", school: "percent" })).toEqual({ stale: true, error: null });
  expect((await job()).school).toBe("fixed");
});
