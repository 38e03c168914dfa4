import { describe, expect, it } from "vitest";
import { newcomer, saidBy } from "../../testing/newcomer.ts";

const SENT = { takenOn: "2026-11-20", unit: "cm", tape: "snug", wornUnder: "nothing" };
const measured = {
  "measure.waist.single.take1": "74",
  "measure.hip.single.take1": "101",
  "measure.neck.single.take1": "36",
};

/** A link for the first job of the demo, a brief, made at the machine. */
async function linked() {
  const made = await newcomer();
  const said = await saidBy(await made.atMachine("/jobs/1/body.data", { intent: "link" }));
  const secret = /measure\/([\w-]{32})"/.exec(said)?.[1] ?? "";
  const wearerId = (await made.store.jobs.find(1))?.wearerId ?? 0;
  const sheets = async () => (await made.store.sheets.ofWearer(wearerId)).length;
  return { ...made, at: `/measure/${secret}`, secret, wearerId, sheets };
}

describe("a link to measure oneself", () => {
  it("shows the measures of its job to somebody who was never let in, and nothing else", async () => {
    const { ask, at, store } = await linked();
    const said = await saidBy(await ask(`${at}.data`));
    expect(said).toContain("waist");
    const job = await store.jobs.find(1);
    const wearer = await store.wearers.find(job?.wearerId ?? 0);
    for (const words of [job?.name, wearer?.name]) expect(said).not.toContain(words ?? "nobody");
    expect((await ask("/jobs/1/body")).headers.get("Location")).toMatch(/^\/sign-in/);
  });

  it("takes one sheet, of what was asked for only, measured by oneself; then it is used up", async () => {
    const { ask, at, store, wearerId, sheets } = await linked();
    const before = await sheets();
    const job = await store.jobs.find(1);
    expect((await ask(at, { ...SENT, ...measured })).headers.get("Location")).toBe(at);
    const [newest] = (await store.sheets.ofWearer(wearerId)).toSorted((a, b) => b.id - a.id);
    expect(newest).toMatchObject({ takenOn: "2026-11-20", selfMeasured: true });
    expect(newest?.values.map(({ code }) => code)).toEqual(expect.arrayContaining(["waist", "hip"]));
    expect(newest?.values.some(({ code }) => code === "neck")).toBe(false);
    // The maker decides whether to plan from it.
    expect((await store.jobs.find(1))?.sheetId).toBe(job?.sheetId);
    expect((await ask(`${at}.data`, { ...SENT, ...measured })).status).toBe(409);
    expect(await sheets()).toBe(before + 1);
    expect(await saidBy(await ask(`${at}.data`))).toContain("used");
  });

  it.each([
    [{ "measure.waist.single.take1": "much" }, 400],
    [{ takenOn: "2099-01-01" }, 400],
  ])("%j is said beside the field, and the link is good yet", async (own, status) => {
    const { ask, at, sheets } = await linked();
    const before = await sheets();
    expect((await ask(`${at}.data`, { ...SENT, ...measured, ...own })).status).toBe(status);
    expect(await sheets()).toBe(before);
    expect((await ask(at, { ...SENT, ...measured })).status).toBe(302);
  });

  it("is good no longer once another was made, it was shut, or its day is over", async () => {
    const { ask, at, atMachine, store, secret } = await linked();
    const tomorrow = new Date(Date.now() + 25 * 3_600_000);
    expect((await store.measureLinks.find(secret, tomorrow))?.standing).toBe("over");
    expect(await store.measureLinks.use(secret, tomorrow)).toBe(false);
    const yesterday = new Date(Date.now() - 3_600_000);
    expect(await store.measureLinks.use(secret, yesterday)).toBe(false);
    await atMachine("/jobs/1/body", { intent: "unlink" });
    expect((await ask(`${at}.data`)).status).toBe(404);
    expect((await ask(`${at}.data`, { ...SENT, ...measured })).status).toBe(404);
    expect((await ask("/measure/nobody-has-this")).status).toBe(404);
  });

  it("goes with its wearer when they are erased", async () => {
    const { ask, at, store, wearerId } = await linked();
    await store.eraseWearer(wearerId);
    expect((await ask(`${at}.data`)).status).toBe(404);
  });
});
