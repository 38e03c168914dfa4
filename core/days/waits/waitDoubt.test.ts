import { expect, it } from "vitest";
import { waitDoubt } from "./waitDoubt.ts";

const steps = [
  { id: "cut", name: "Cut", doneAt: "2026-11-30T10:00:00Z" },
  { id: "hem", name: "Level the hem", doneAt: null },
];
const unrolled = (since: string) => waitDoubt({ kind: "unrolled", since }, steps);

it("asks about a wait that begins after what it blocks was done", () => {
  expect(unrolled("2026-12-01T08:00:00Z")).toMatch(/begins after “Cut”, which waits for it, was ticked as done/);
  expect(unrolled("2026-11-28T08:00:00Z")).toBeNull();
  expect(waitDoubt({ kind: "biasHung", since: "2026-12-01T08:00:00Z" }, steps)).toBeNull();
  expect(waitDoubt({ kind: "worn", since: "2026-12-01T08:00:00Z" }, steps)).toBeNull();
});
