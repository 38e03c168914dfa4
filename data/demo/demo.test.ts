import { beforeAll, describe, expect, it } from "vitest";
import { evaluateTest, SHIPPED_CLOTH_SETTINGS } from "../../core/cloth/index.ts";
import { jobChanges, opposites } from "../../core/fitting/index.ts";
import { openStore, type Store } from "../store.ts";
import { temporaryFolder } from "../testing/index.ts";
import { addDemoWorkshop } from "./index.ts";

describe("the demo workshop", () => {
  let store: Store;
  beforeAll(async () => {
    store = await openStore(":memory:");
    await addDemoWorkshop(store);
    return () => store.close();
  });

  it("has at least three people, five cloths and three jobs at different stages", async () => {
    const wearers = await store.wearers.list({ search: "", page: 1 });
    const cloths = await store.cloths.list({ search: "", page: 1 });
    const jobs = (await store.jobs.list({ search: "", page: 1 })).rows;
    expect(wearers.rows.filter(({ kind }) => kind === "person").length).toBeGreaterThanOrEqual(3);
    expect(cloths.total).toBeGreaterThanOrEqual(5);
    expect(jobs.map(({ prototypeCount }) => prototypeCount).toSorted()).toEqual([0, 0, 0, 0, 0, 0, 0, 1, 2, 3, 3, 4]);
  });

  it("has a job whose first change cured one finding and overdid another", async () => {
    const jobs = (await store.jobs.list({ search: "", page: 1 })).rows;
    const job = jobs.find(({ prototypeCount }) => prototypeCount === 2);
    const prototypes = await store.prototypes.ofJob(job?.id ?? 0);
    const fittings = await store.fittings.ofPrototypes(prototypes.map(({ id }) => id));
    const verdicts = fittings.flatMap(({ findings }) => findings.flatMap(({ judgement }) => judgement?.verdict ?? []));
    expect(verdicts.toSorted()).toEqual(["cured", "overdone"]);
  });

  it("has a job signed off after four rounds, whose second proposed from what the first had taught", async () => {
    const job = (await store.jobs.list({ search: "four rounds", page: 1 })).rows[0];
    expect(job?.signedOff).not.toBeNull();
    const prototypes = await store.prototypes.ofJob(job?.id ?? 0);
    expect(prototypes.map(({ closedOn }) => closedOn !== null)).toEqual([true, true, true, true]);
    const fittings = await store.fittings.ofPrototypes(prototypes.map(({ id }) => id));
    const loose = fittings.map(({ findings }) =>
      findings.find(({ kind, spot }) => kind === "loose" && spot === "waist"),
    );
    expect(loose[0]?.change?.share).toBe(0.65);
    expect(loose[1]?.change?.share).toBeGreaterThan(0.65);
  });

  it("has a job that goes in circles, and says so", async () => {
    const job = (await store.jobs.list({ search: "in circles", page: 1 })).rows[0];
    const prototypes = await store.prototypes.ofJob(job?.id ?? 0);
    const fittings = await store.fittings.ofPrototypes(prototypes.map(({ id }) => id));
    const changes = jobChanges(fittings, await store.changes.ownOfJob(job?.id ?? 0));
    expect(opposites(changes).map(({ what, zone }) => [what, zone])).toEqual([["backAndForth", "waist"]]);
  });

  it("has only cloth tests that can be evaluated", async () => {
    const { rows } = await store.cloths.list({ search: "", page: 1 });
    expect(
      rows.flatMap(({ kind, tests }) => tests.filter((test) => !evaluateTest(test, kind, SHIPPED_CLOTH_SETTINGS).ok)),
    ).toEqual([]);
  });
});

it("fills a real file in one transaction", async () => {
  const store = await openStore(`${temporaryFolder()}/demo.sqlite`);
  await addDemoWorkshop(store);
  expect((await store.jobs.list({ search: "", page: 1 })).rows.length).toBe(12);
  await store.close();
});
