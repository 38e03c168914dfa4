import { dirname } from "node:path";
import { expect, it } from "vitest";
import { routesWith } from "./testing/routeModules.ts";

/** What each `action.test.ts` stands beside. */
const TRIED = Object.keys(import.meta.glob("./**/action.test.ts")).map((file) => dirname(file).slice("./".length));

it("every route with an action is tried by a test beside it", async () => {
  const acting = (await routesWith("action")).map((file) => dirname(file));
  expect(TRIED.toSorted()).toEqual(acting.toSorted());
});
