import { describe, expect, it } from "vitest";
import { contentOf, demoStore } from "../data/testing/index.ts";
import type { ActionCase } from "./testing/actionCase.ts";
import { FITTING_CASES } from "./testing/fittingCases.ts";
import { JOB_CASES } from "./testing/jobCases.ts";
import { PERSON_CASES } from "./testing/personCases.ts";
import { postTo, type Sent } from "./testing/postTo.ts";
import { routeOf, routesWith } from "./testing/routeModules.ts";
import { SHELF_CASES } from "./testing/shelfCases.ts";
import { WORKSHOP_CASES } from "./testing/workshopCases.ts";

const CASES: readonly ActionCase[] = [
  ...PERSON_CASES,
  ...SHELF_CASES,
  ...WORKSHOP_CASES,
  ...JOB_CASES,
  ...FITTING_CASES,
];

it("every route with an action is tried", async () => {
  const tried = [...new Set(CASES.map(({ address }) => routeOf(address).file))].toSorted();
  expect(tried).toEqual(await routesWith("action"));
});

/** Posts to a workshop of its own. @returns the answer, and whether it left the data as it was. */
async function tried(address: string, sent: Sent) {
  const { store, db } = await demoStore();
  const before = await contentOf(db);
  const answer = await postTo(store, address, sent);
  return { ...answer, changed: (await contentOf(db)) !== before };
}

const elsewhere = (other: NonNullable<ActionCase["foreign"]>[number]) =>
  typeof other === "string" ? { at: other, own: {} } : { at: other[0], own: other[1] };

describe.each(CASES)("$address $does", ({ address, right, gives, wrong = [], stale, foreign = [], leaves }) => {
  it("with a right form", async () => {
    const answer = await tried(address, right);
    const went = answer.location ?? answer.status;
    expect(gives instanceof RegExp ? String(went) : went, JSON.stringify(answer.body)).toEqual(
      gives instanceof RegExp ? expect.stringMatching(gives) : gives,
    );
    expect(answer.changed).toBe(!leaves);
  });

  it.each(wrong)("refuses %j and changes nothing", async (own, fields) => {
    const answer = await tried(address, { ...right, ...own });
    expect(answer).toMatchObject({ status: expect.toSatisfy((status) => status >= 400 && status < 500) });
    expect(answer.wrong).toEqual(fields);
    expect(answer.changed).toBe(false);
  });

  if (stale !== undefined)
    it("says so where somebody was quicker, and changes nothing", async () => {
      expect(await tried(address, { ...right, version: "77" })).toMatchObject({ status: stale, changed: false });
    });

  it.each(foreign.map(elsewhere))("finds nothing at $at with $own, and changes nothing", async ({ at, own }) => {
    expect(await tried(at, { ...right, ...own })).toMatchObject({ status: 404, changed: false });
  });
});
