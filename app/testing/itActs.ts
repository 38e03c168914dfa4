import { describe, expect, it } from "vitest";
import { contentOf, demoStore } from "../../data/testing/index.ts";
import { postTo, type Sent } from "./postTo.ts";

/** How one action is tried over the demo workshop: right, wrong, stale, and with an address of something else. */
export interface ActionCase {
  /** What it does, in a few words. */
  readonly does: string;
  readonly address: string;
  readonly right: Sent;
  /** Where a right form leads; a status where it leads nowhere. */
  readonly gives: string | RegExp | number;
  /** Wrong values, with the fields a message stands beside. */
  readonly wrong?: readonly (readonly [Sent, readonly string[]])[];
  /** Status where somebody else was quicker; none where the form starts from nothing that could have changed. */
  readonly stale?: 409 | 400;
  /** The same page of something that is not there, or not of this job. */
  readonly foreign?: readonly (string | readonly [string, Sent])[];
  /** True where a right form changes no data of the workshop. */
  readonly leaves?: boolean;
}

/** Posts to a workshop of its own. @returns the answer, and whether it left the data as it was. */
async function tried(address: string, sent: Sent) {
  const { store, db } = await demoStore();
  const before = await contentOf(db);
  const answer = await postTo(store, address, sent);
  return { ...answer, changed: (await contentOf(db)) !== before };
}

const elsewhere = (other: NonNullable<ActionCase["foreign"]>[number]) =>
  typeof other === "string" ? { at: other, own: {} } : { at: other[0], own: other[1] };

/** Tries what a route's action does, case by case: refused forms must leave every row of the data as it was. */
export function itActs(cases: readonly ActionCase[]): void {
  describe.each(cases)("$address $does", ({ address, right, gives, wrong = [], stale, foreign = [], leaves }) => {
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
}
