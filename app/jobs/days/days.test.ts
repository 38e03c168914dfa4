import { describe, expect, it } from "vitest";
import { momentOf, timeOf } from "../../../core/days/index.ts";
import { demoStore } from "../../../data/testing/index.ts";
import { itActs } from "../../testing/itActs.ts";
import { demoPage } from "../../testing/openPage.tsx";
import { postTo } from "../../testing/postTo.ts";

const ADDRESS = "/jobs/2/sewing";
const FOREIGN = ["/jobs/99/sewing"];
const MEET = { intent: "meet", kind: "fitting", day: "12 Dec 2097", time: "14:30", minutes: "45", note: "Wet, too." };

itActs([
  {
    does: "keeps the day a job is wanted",
    address: ADDRESS,
    right: { intent: "wanted", wantedOn: "12 Dec 2097" },
    gives: ADDRESS,
    wrong: [[{ wantedOn: "soon" }, ["wantedOn"]]],
    foreign: FOREIGN,
  },
  {
    does: "puts an appointment down",
    address: ADDRESS,
    right: MEET,
    gives: ADDRESS,
    wrong: [
      [{ day: "12 Dec 2020" }, ["day"]],
      [{ day: "" }, ["day"]],
      [{ time: "half three" }, ["time"]],
      [{ time: "25:00" }, ["time"]],
      [{ minutes: "0" }, ["minutes"]],
      [{ kind: "tea" }, ["kind"]],
    ],
    foreign: FOREIGN,
  },
  {
    does: "moves an appointment",
    address: ADDRESS,
    right: { intent: "move", id: "1", day: "2097-12-14", back: "/days?day=2097-12-14" },
    gives: "/days?day=2097-12-14",
    wrong: [
      [{ day: "2020-12-14" }, ["form"]],
      [{ day: "then" }, ["form"]],
      [{ id: "77" }, ["form"]],
    ],
    foreign: FOREIGN,
  },
  {
    does: "lets something wait",
    address: ADDRESS,
    right: { intent: "wait", wait: "unrolled", what: "Swim knit", sinceDay: "1 Nov 2026", sinceTime: "9:15" },
    gives: ADDRESS,
    wrong: [
      [{ wait: "tea" }, ["wait"]],
      [{ sinceDay: "1 Nov 2097" }, ["sinceDay"]],
    ],
    foreign: FOREIGN,
  },
  {
    does: "takes a wait away",
    address: ADDRESS,
    right: { intent: "unwait", id: "1" },
    gives: ADDRESS,
    wrong: [[{ id: "9" }, ["form"]]],
    foreign: FOREIGN,
  },
  {
    does: "takes an appointment away",
    address: ADDRESS,
    right: { intent: "unmeet", id: "1" },
    gives: ADDRESS,
    wrong: [[{ id: "" }, ["form"]]],
    foreign: FOREIGN,
  },
]);

describe("the days of a job", () => {
  it("keep a time of day in the workshop's zone, whichever offset counts on the other day", async () => {
    const { store } = await demoStore();
    await postTo(store, ADDRESS, MEET);
    const own = async () => (await store.workings.find(2, "days")).working.appointments.find(({ id }) => id === 2);
    expect(await own()).toMatchObject({ at: "2097-12-12T13:30:00.000Z", minutes: 45 });
    await postTo(store, ADDRESS, { intent: "move", id: "2", day: "2097-07-02" });
    expect((await own())?.at).toBe("2097-07-02T12:30:00.000Z");
    expect(timeOf(momentOf((await own())?.at ?? ""), "Europe/Vienna")).toBe("14:30");
  });

  it("go nowhere else than to the page or the days", async () => {
    const { store } = await demoStore();
    const answer = await postTo(store, ADDRESS, { intent: "wanted", wantedOn: "", back: "https://elsewhere.invalid" });
    expect(answer).toMatchObject({ status: 302, location: ADDRESS });
    expect((await store.workings.find(2, "days")).working.wantedOn).toBeNull();
  });
});

const page = demoPage("/days");

it("tells what is late, and what waits until when", async () => {
  const main = (await page()).text("main");
  expect(main).toMatch(/Soft brief, going in circles, wanted on .*: \d.* more to sew than there are free hours/);
  expect(main).toContain("Bias hangs: Both skirt halves, until");
});
