import { expect, it } from "vitest";
import { consequencesOf } from "./consequences.ts";
import { lacedStepOf } from "./lacedStep.ts";

it.each([
  [-0.01, "room"],
  [0, "room"],
  [0.03, "eased"],
  [0.05, "eased"],
  [0.08, "laced"],
  [0.1, "laced"],
  [0.12, "hard"],
  [0.16, "stop"],
])("a garment that closes %d smaller is %s", (reduction, step) => expect(lacedStepOf(reduction)).toBe(step));

it("is the scale of a garment whose body gives, which says so", () => {
  const worn = { zone: "waist", bodyMm: 700, usable: 0.02, recovery: 0.9 } as const;
  expect(consequencesOf(650, { ...worn, bodyGives: true })).toMatchObject({ bodyGives: true, shareUsed: null });
  expect(consequencesOf(650, worn)).not.toHaveProperty("bodyGives");
});
