import { expect, it } from "vitest";
import type { Fields } from "../../form/unsaved.ts";
import { SEEN_FINDING as seen } from "../../testing/sentForms.ts";
import { act, findingsOf, fittingsOf, openDemoForEachTest, waiting } from "./actionsOnDemo.ts";

openDemoForEachTest();

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
  expect((await act(1, 2, { intent: "begin", fittedOn: "1/11/2026", on: "form" })).errors).toHaveProperty("fittedOn");
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
