import { beforeEach, describe, expect, it } from "vitest";
import { addDemoWorkshop } from "../../../data/demo/index.ts";
import { openStore, type Store } from "../../../data/store.ts";
import { found } from "../../.server/http/answers.ts";
import { readJob } from "../../.server/read/jobRecord.ts";
import type { Fields } from "../../form/unsaved.ts";
import { FITTING_ACTIONS } from "./actions.server.ts";

let store: Store;
beforeEach(async () => {
  store = await openStore(":memory:");
  await addDemoWorkshop(store);
  return () => store.close();
});

/** Runs an action as the page does: in one transaction, on the job as it stands. */
async function act(
  jobId: number,
  number: number,
  fields: Fields,
): Promise<{ status: number; location: string | null; errors: Record<string, string> }> {
  const action = FITTING_ACTIONS.get(fields.intent ?? "");
  if (!action) throw new Error(`There is no action ${fields.intent}.`);
  const answer = await store.inTransaction(async (repositories) => {
    const read = await readJob(repositories, jobId);
    const prototype = found(
      read.prototypes.find((one) => one.number === number),
      "prototype",
    );
    return action({ repositories, read, prototype, fields, photo: null, address: "/fitting" });
  });
  if (answer instanceof Response)
    return { status: answer.status, location: answer.headers.get("Location"), errors: {} };
  const { data, init } = answer as { data: { errors: Record<string, string> }; init: { status: number } };
  return { status: init.status, location: null, errors: data.errors };
}

const fittingsOf = async (jobId: number) => {
  const prototypes = await store.prototypes.ofJob(jobId);
  return store.fittings.ofPrototypes(prototypes.map(({ id }) => id));
};
const findingsOf = async (jobId: number) => (await fittingsOf(jobId)).flatMap(({ findings }) => findings);

/** The fitting of the demo's second job, whose findings wait. */
async function waiting() {
  const [fitting] = await fittingsOf(2);
  const [first, second] = await findingsOf(2);
  if (!fitting || !first || !second) throw new Error("The demo's second job has two findings.");
  return { fitting: String(fitting.id), first, second };
}

const seen = {
  intent: "finding",
  kind: "loose",
  spot: "waist",
  side: "both",
  view: "back",
  x: "0.5",
  y: "0.46",
  amount: "24",
  unit: "cm",
};

describe("putting a finding", () => {
  it("keeps it with its place, and drops its draft", async () => {
    const { fitting } = await waiting();
    await store.drafts.put(`finding:${fitting}`, { amount: "24" }, "2026-11-24T10:00:00Z");
    expect(await act(2, 1, { ...seen, fitting })).toMatchObject({ status: 302, location: "/fitting" });
    expect((await findingsOf(2)).at(-1)).toMatchObject({ kind: "loose", amountMm: 24, x: 0.5, y: 0.46, change: null });
    expect(await store.drafts.find(`finding:${fitting}`)).toBeNull();
  });

  it("keeps nothing of a form with a mistake", async () => {
    const { fitting } = await waiting();
    expect((await act(2, 1, { ...seen, fitting, amount: "lots" })).errors).toHaveProperty("amount");
    expect(await findingsOf(2)).toHaveLength(2);
  });

  it("changes one from the version it was opened at, and not from an older one", async () => {
    const { fitting, first } = await waiting();
    const change = { ...seen, fitting, finding: String(first.id), version: "1", amount: "30" };
    expect((await act(2, 1, change)).status).toBe(302);
    expect((await findingsOf(2))[0]).toMatchObject({ amountMm: 30, version: 2 });
    expect((await act(2, 1, { ...change, amount: "40" })).status).toBe(409);
    expect((await findingsOf(2))[0]?.amountMm).toBe(30);
  });
});

describe("deciding", () => {
  it("takes the proposal as it is computed here", async () => {
    const { first } = await waiting();
    await act(2, 1, {
      intent: "decide",
      finding: String(first.id),
      decision: "accepted",
      seams: "2",
      version: "0",
      unit: "cm",
    });
    const change = (await findingsOf(2))[0]?.change;
    expect(change).toMatchObject({ decision: "accepted", share: 0.65, cutInto: null });
    expect(change?.amountMm).toBe(change?.proposedMm);
  });

  it("is refused where it was decided meanwhile, and can be taken back once", async () => {
    const { first } = await waiting();
    const word = {
      intent: "decide",
      finding: String(first.id),
      decision: "refused",
      reason: "waits",
      seams: "2",
      version: "0",
      unit: "cm",
    };
    expect((await act(2, 1, word)).status).toBe(302);
    expect(await act(2, 1, word)).toMatchObject({ status: 409, errors: { form: expect.stringMatching(/quicker/) } });
    const back = { intent: "withdraw", finding: String(first.id), version: "1" };
    expect((await act(2, 1, back)).status).toBe(302);
    expect((await act(2, 1, back)).status).toBe(409);
    expect((await findingsOf(2))[0]?.change).toBeNull();
  });
});

describe("taking off and putting back", () => {
  it("works for findings and readings", async () => {
    const { fitting, second } = await waiting();
    const off = await act(2, 1, { intent: "remove-finding", finding: String(second.id) });
    expect(off.location).toBe(`/fitting?removed=finding-${second.id}`);
    expect(await findingsOf(2)).toHaveLength(1);
    await act(2, 1, { intent: "bring-back", removed: `finding-${second.id}` });
    expect(await findingsOf(2)).toHaveLength(2);

    await act(2, 1, { intent: "reading", fitting, zone: "waist", kind: "lift", force: "2.1" });
    const reading = (await fittingsOf(2))[0]?.readings[0];
    expect(reading).toMatchObject({ newtons: 2.1, kind: "lift", heightMm: null });
    await act(2, 1, { intent: "remove-reading", fitting, reading: String(reading?.id) });
    expect((await fittingsOf(2))[0]?.readings).toEqual([]);
    await act(2, 1, { intent: "bring-back", removed: `reading-${reading?.id}` });
    expect((await fittingsOf(2))[0]?.readings).toHaveLength(1);
  });

  it("is not possible for what is already cut", async () => {
    const [cut] = await findingsOf(1);
    expect(await act(1, 1, { intent: "remove-finding", finding: String(cut?.id) })).toMatchObject({
      status: 409,
      errors: { form: expect.stringMatching(/closed/) },
    });
  });
});

describe("judging", () => {
  it("at the fitting of the prototype the change was cut into", async () => {
    const [cut] = await findingsOf(1);
    const fitting = (await fittingsOf(1)).at(-1);
    const word = {
      intent: "judge",
      change: String(cut?.change?.id),
      fitting: String(fitting?.id),
      was: "cured 2",
      left: "still",
      residual: "10",
      verdict: "",
      unit: "cm",
    };
    expect((await act(1, 2, word)).status).toBe(302);
    expect((await findingsOf(1))[0]?.judgement).toMatchObject({ residualMm: 10, verdict: "better" });
    expect((await act(1, 1, word)).status).toBe(409);
    // A second window that began on the older judgement.
    expect((await act(1, 2, { ...word, residual: "20" })).status).toBe(409);
    expect((await findingsOf(1))[0]?.judgement?.residualMm).toBe(10);
  });
});

it("puts the head of a fitting right, from the version it was opened at", async () => {
  const { fitting } = await waiting();
  const head = {
    intent: "head",
    fitting,
    fittedOn: "2026-11-17",
    on: "form",
    way: "insideOut",
    over: "tights",
    notes: "",
  };
  expect((await act(2, 1, { ...head, version: "1" })).status).toBe(302);
  expect((await fittingsOf(2))[0]).toMatchObject({ fittedOn: "2026-11-17", on: "form", over: "tights", version: 2 });
  expect((await act(2, 1, { ...head, version: "1" })).status).toBe(409);
});

it("keeps the last word on a check, and only on one of the style's list", async () => {
  const { fitting } = await waiting();
  const check = { intent: "check", fitting, check: "sit", note: "" };
  await act(2, 1, { ...check, outcome: "fail" });
  await act(2, 1, { ...check, outcome: "pass" });
  expect((await fittingsOf(2))[0]?.checks).toEqual([{ check: "sit", outcome: "pass", note: "" }]);
  expect((await act(2, 1, { ...check, outcome: "fail", was: "fail" })).status).toBe(409);
  expect((await act(2, 1, { ...check, outcome: "fail", was: "pass" })).status).toBe(302);
  expect((await act(2, 1, { ...check, check: "stroke", outcome: "pass" })).errors).toHaveProperty("check");
});

it("begins a fitting on its day", async () => {
  expect(
    (await act(1, 2, { intent: "begin", fittedOn: "2026-11-01", on: "form", way: "insideOut", notes: "" })).status,
  ).toBe(302);
  expect((await fittingsOf(1)).at(-1)).toMatchObject({ on: "form", fittedOn: "2026-11-01", findings: [] });
  expect((await act(1, 2, { intent: "begin", fittedOn: "1.11.2026", on: "form" })).errors).toHaveProperty("fittedOn");
});

it("never reaches into another job", async () => {
  const [theirs] = await findingsOf(1);
  const { fitting } = await waiting();
  const foreign: readonly Fields[] = [
    { intent: "remove-finding", finding: String(theirs?.id) },
    { intent: "decide", finding: String(theirs?.id), decision: "accepted", seams: "2", version: "0" },
    { intent: "withdraw", finding: String(theirs?.id), version: "1" },
    { intent: "bring-back", removed: `finding-${theirs?.id}` },
    { ...seen, fitting: "1" },
    { intent: "judge", change: String(theirs?.change?.id), fitting, left: "gone", verdict: "" },
  ];
  for (const fields of foreign) {
    await expect(act(2, 1, fields), fields.intent).rejects.toMatchObject({ init: { status: 404 } });
  }
});
