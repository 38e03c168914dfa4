import { describe, expect, it } from "vitest";
import { demoStore } from "../../../data/testing/index.ts";
import { itActs } from "../../testing/itActs.ts";
import { postTo } from "../../testing/postTo.ts";
import { SEEN_FINDING } from "../../testing/sentForms.ts";

const ADDRESS = "/jobs/2/seams";
const TRIAL = {
  ...{ intent: "trial", unit: "cm", on: "21 Nov 2026", machine: "Overlock by the window", stitch: "514" },
  ...{ needleKind: "stretch", needleSize: "75", stitchLength: "2.5", width: "6", differential: "1", foot: "" },
  ...{ "thread.leftNeedle.kind": "spun", "thread.leftNeedle.tension": "3" },
  ...{ "thread.upperLooper.kind": "texturedNylon", "thread.upperLooper.tension": "4" },
  ...{ layers: "2", direction: "along", gauge: "100", length: "172", gave: "nothing", look: "balanced" },
};

itActs([
  {
    does: "keeps a trial",
    address: ADDRESS,
    right: TRIAL,
    gives: ADDRESS,
    wrong: [
      [{ length: "86" }, ["length"]],
      [{ length: "" }, ["length"]],
      [{ "thread.leftNeedle.tension": "12" }, ["thread.leftNeedle.tension"]],
      [{ "thread.leftNeedle.tension": "high" }, ["thread.leftNeedle.tension"]],
      [{ machine: "" }, ["machine"]],
      [{ machine: "Somebody's" }, ["machine"]],
      [{ stitch: "301" }, ["stitch"]],
      [{ stitch: "999" }, ["stitch"]],
      [{ width: "" }, ["width"]],
      [{ width: "1" }, ["width"]],
      [{ stitchLength: "9" }, ["stitchLength"]],
      [{ gave: "" }, ["gave"]],
      [{ look: "odd" }, ["look"]],
      [{ rest: "180" }, ["rest"]],
      [{ on: "1 Jan 2999" }, ["on"]],
    ],
    foreign: ["/jobs/99/seams"],
  },
  {
    does: "sews a job with a trial's set-up",
    address: ADDRESS,
    right: { intent: "use", trial: "5" },
    gives: ADDRESS,
    wrong: [[{ trial: "77" }, ["form"]]],
    foreign: ["/jobs/99/seams"],
  },
  {
    does: "takes a trial away",
    address: ADDRESS,
    right: { intent: "remove", trial: "5" },
    gives: ADDRESS,
    wrong: [[{ trial: "" }, ["form"]]],
    foreign: ["/jobs/99/seams"],
  },
  {
    does: "keeps a recipe",
    address: ADDRESS,
    right: { intent: "recipe", trial: "5" },
    gives: ADDRESS,
    wrong: [[{ trial: "1" }, ["form"]]],
    foreign: ["/jobs/99/seams"],
  },
]);

describe("the trials of a job", () => {
  const seams = async (store: Awaited<ReturnType<typeof demoStore>>["store"]) =>
    (await store.workings.find(2, "seams")).working;

  it("keep the threads of their stitch, the machine's dials and a number of their own", async () => {
    const { store } = await demoStore();
    await postTo(store, ADDRESS, TRIAL);
    const { trials } = await seams(store);
    expect(trials.at(-1)).toMatchObject({ id: 6, lengthMm: 172, setup: { dialMost: 9, dialBase: 4, differential: 1 } });
    expect(trials.at(-1)?.setup.threads).toEqual([
      { position: "leftNeedle", kind: "spun", tension: 3 },
      { position: "rightNeedle", kind: "spun", tension: null },
      { position: "upperLooper", kind: "texturedNylon", tension: 4 },
      { position: "lowerLooper", kind: "spun", tension: null },
    ]);
    await postTo(store, ADDRESS, { intent: "remove", trial: "5" });
    expect(await seams(store)).toMatchObject({ inUse: null });
    await postTo(store, ADDRESS, { intent: "use", trial: "6" });
    expect((await seams(store)).inUse).toBe(6);
    await postTo(store, ADDRESS, { intent: "use", trial: "6" });
    expect((await seams(store)).inUse).toBeNull();
  });

  it("become a recipe in place of the one that was sewn alike, and a popped seam opens it again", async () => {
    const { store } = await demoStore();
    await postTo(store, ADDRESS, { intent: "recipe", trial: "5" });
    const rows = async () => (await store.settings.find("recipes")).value?.rows ?? [];
    expect(await rows()).toMatchObject([
      { jobId: 2, trialId: 5, clothClass: "high", stretch: expect.closeTo(0.69, 9), reopenedOn: null },
    ]);
    // Nothing of a person stays behind where a wearer is erased.
    expect(JSON.stringify(await rows())).not.toContain("Lane-swimming");
    const popped = { ...SEEN_FINDING, fitting: "3", kind: "seam_popped", spot: "crotch", "detail.thread": "looper" };
    await postTo(store, "/jobs/2/prototypes/1/fitting", popped);
    expect((await rows())[0]?.reopenedOn).toMatch(/^\d{4}-\d{2}-\d{2}$/);
  });
});
