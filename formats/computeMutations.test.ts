import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { computeAll } from "./compute.ts";

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

const folder = join(import.meta.dirname, "cases");
const cases = readdirSync(folder)
  .filter((name) => name.endsWith(".json"))
  .flatMap((name) => JSON.parse(readFileSync(join(folder, name), "utf8")) as { kind: string; input: Json }[]);
const kinds = [...new Set(cases.map(({ kind }) => kind))];

/** Every place in a document, as the keys that lead there. */
function placesIn(value: Json, before: readonly (string | number)[] = []): (readonly (string | number)[])[] {
  const below =
    typeof value === "object" && value !== null
      ? Object.entries(value).flatMap(([key, one]) => placesIn(one, [...before, Array.isArray(value) ? +key : key]))
      : [];
  return [before, ...below];
}

/** A document with one place changed; the place goes where the change gives `undefined`. */
function changed(value: Json, place: readonly (string | number)[], change: (old: Json) => Json | undefined): Json {
  const [key, ...rest] = place;
  if (key === undefined) return change(value) ?? null;
  const copy = structuredClone(value) as Record<string | number, Json>;
  const next = rest.length === 0 ? change(copy[key] ?? null) : changed(copy[key] ?? null, rest, change);
  if (next === undefined) delete copy[key];
  else copy[key] = next;
  return copy as Json;
}

/** A document as a script would send it: numbers that are none become null, taken places in lists too. */
const throughText = (value: Json): Json => JSON.parse(JSON.stringify(value)) as Json;

/** A number that is no number, or a figure too large to be one, anywhere in an answer. */
const hasNoNumber = (value: unknown): boolean =>
  typeof value === "number"
    ? !Number.isFinite(value)
    : typeof value === "object" && value !== null && Object.values(value).some(hasNoNumber);

const anything = fc.constantFrom<Json>(null, true, -1, 0, 5e-324, 1e-9, 1e5, 1.7e308, "", "12 cm", [], {}, [[]]);
const change = fc.oneof(
  anything.map((put) => () => put),
  fc.constant(() => undefined),
  fc
    .double({ min: -4, max: 4, noNaN: true })
    .map((power) => (old: Json) => (typeof old === "number" ? old * 10 ** power : old)),
);

describe.each(kinds)("any change to a case of %s", (kind) => {
  it("is computed to numbers or refused in words, never thrown nor left without a number", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...cases.filter((one) => one.kind === kind)),
        fc.nat(),
        fc.nat(),
        change,
        change,
        ({ input }, first, second, one, other) => {
          const places = placesIn(input);
          const once = changed(input, places[first % places.length] ?? [], one);
          const left = placesIn(once);
          const twice = throughText(changed(once, left[second % left.length] ?? [], other));
          const [answer] = computeAll({ kind, input: twice });
          if (!answer) throw new Error("Every case is answered.");
          expect(answer.kind).toBe(kind);
          if ("error" in answer) {
            expect(answer.error.code).toMatch(/^[a-z-]+$/);
            expect(answer.error.message).toMatch(/^[A-Z“].*\.$/s);
            expect(answer.error.message).not.toMatch(/undefined|NaN|\[object/);
          } else {
            expect(hasNoNumber(answer.output), JSON.stringify({ twice, output: answer.output })).toBe(false);
          }
        },
      ),
      { seed: 20261124, numRuns: 1500 },
    );
  });
});
