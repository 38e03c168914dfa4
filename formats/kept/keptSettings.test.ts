import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { SHIPPED_CLOTH_SETTINGS } from "../../core/cloth/index.ts";
import { FAMILIES, SHIPPED_EASE_SETTINGS, ZONES } from "../../core/ease/index.ts";
import { pathsOf, put } from "../../core/testing/index.ts";
import { keptClothSettings, keptEaseSettings } from "./keptSettings.ts";

const read = (kept: unknown) => keptEaseSettings.read(kept, 1);

/** The same without one of its parts, named by keys from the top down. */
function without(thing: object, [first = "", ...rest]: readonly string[]): object {
  const copy: Record<string, unknown> = { ...thing };
  if (rest.length === 0) delete copy[first];
  else copy[first] = without(copy[first] as object, rest);
  return copy;
}

describe("kept settings", () => {
  it("as shipped are read back as they are", () => {
    expect(read(SHIPPED_EASE_SETTINGS)).toEqual({ ok: true, value: SHIPPED_EASE_SETTINGS });
    expect(keptClothSettings.read(SHIPPED_CLOTH_SETTINGS, 1)).toEqual({ ok: true, value: SHIPPED_CLOTH_SETTINGS });
  });

  it.each(Object.keys(SHIPPED_EASE_SETTINGS))("from before there was %s have it as shipped", (name) => {
    expect(read(without(SHIPPED_EASE_SETTINGS, [name]))).toEqual({ ok: true, value: SHIPPED_EASE_SETTINGS });
  });

  // What a later version adds, seen from here: the kept ones lack it.
  it.each(FAMILIES)("from before there was the family %s have its shares as shipped", (family) => {
    const older = ["shares", "pressureTargetsKpa", "lengthShares"].reduce(
      (settings, table) => without(settings, [table, family]),
      SHIPPED_EASE_SETTINGS as object,
    );
    expect(read(older)).toEqual({ ok: true, value: SHIPPED_EASE_SETTINGS });
  });

  it.each(ZONES)("from before there was the zone %s have its fixed cut as shipped", (zone) => {
    const older = without(SHIPPED_EASE_SETTINGS, ["fixedCutMm", zone]);
    expect(read(older)).toEqual({ ok: true, value: SHIPPED_EASE_SETTINGS });
  });

  it.each(Object.keys(SHIPPED_CLOTH_SETTINGS.referenceNPerM))("from before there was the cloth %s are read", (kind) => {
    const older = without(SHIPPED_CLOTH_SETTINGS, ["referenceNPerM", kind]);
    expect(keptClothSettings.read(older, 1)).toEqual({ ok: true, value: SHIPPED_CLOTH_SETTINGS });
  });

  it("keep a share that was taken out taken out: it is no number that came later", () => {
    const own = without(SHIPPED_EASE_SETTINGS, ["shares", "swim", "arm"]);
    expect(read(own)).toEqual({ ok: true, value: own });
  });

  it("in a format nobody knows yet are refused with what was expected", () =>
    expect(keptEaseSettings.read(SHIPPED_EASE_SETTINGS, 2)).toEqual({
      ok: false,
      problem: {
        code: "kept-unreadable",
        message: "Expected the settings of the ease plan in a format from 1 to 1, but it is in 2.",
      },
    }));

  it("with anything in the place of anything are read whole or refused with a sentence", () => {
    const paths = pathsOf(SHIPPED_EASE_SETTINGS);
    fc.assert(
      fc.property(fc.constantFrom(...paths), fc.jsonValue(), (path, odd) => {
        const kept = put(SHIPPED_EASE_SETTINGS, path, odd) as object;
        const answer = read(kept);
        if (answer.ok) expect(JSON.parse(JSON.stringify(answer.value))).toMatchObject(kept);
        else expect(answer.problem.message).toMatch(/^In the settings of the ease plan: Expected /);
      }),
      { seed: 20261125, numRuns: 400 },
    );
  });
});
