import { fail, ok, type Result } from "../../result.ts";
import type { Finish, FinishAdds, FinishGiven, FinishSettings } from "./finish.ts";

/** A casing is cut wider than its elastic twice, by this for the turn of the cloth, mm. */
const CASING_EASE_MM = 4;

/** An elastic turned once inside its edge wants this beside its width, mm. */
const TURN_MM = 1;

const adds = (allowanceMm: number, bandCutMm: number | null = null): Result<FinishAdds> =>
  ok({ allowanceMm, bandCutMm });

/** What a finish needs told, or which is missing. */
function needing<Name extends keyof FinishGiven>(
  names: Readonly<Record<Name, string>>,
  given: FinishGiven,
  then: (told: Readonly<Record<Name, number>>) => Result<FinishAdds>,
): Result<FinishAdds> {
  const all = Object.entries(names) as [Name, string][];
  const missing = all.filter(([name]) => given[name] === undefined).map(([, words]) => words);
  return missing.length > 0
    ? fail("not-told", `Expected ${missing.join(" and ")}, but it was not given.`)
    : then(given as Readonly<Record<Name, number>>);
}

/** The edge itself is the finished one: nothing is added. */
const bare = (id: string, name: string, edge: Finish["edge"]): Finish => ({
  ...{ id, name, edge, formula: "a = 0" },
  adds: () => adds(0),
});

/** An elastic stitched on, turned and stitched again, its decorative edge left to be seen. */
const turned = (id: string, name: string): Finish => ({
  ...{ id, name, edge: "elastic", formula: "a = w − d" },
  adds: (given) =>
    needing(
      { widthMm: "the width of the elastic", decorativeMm: "the width of its decorative edge" },
      given,
      ({ widthMm, decorativeMm }) =>
        decorativeMm > widthMm
          ? fail(
              "edge-too-wide",
              `Expected a decorative edge no wider than the elastic of ${widthMm} mm, but got ${decorativeMm} mm.`,
            )
          : adds(widthMm - decorativeMm),
    ),
});

/** A habit of the workshop. */
const usual = (id: string, name: string, setting: keyof FinishSettings, edge: Finish["edge"] = "seam"): Finish => ({
  ...{ id, name, edge, formula: "a as set" },
  adds: (_, settings) => adds(settings[setting]),
});

/** Every finish of an edge; adding one is adding a line. */
export const FINISHES: readonly Finish[] = [
  bare("foldOver", "fold-over elastic", "elastic"),
  bare("binding", "binding", "raw"),
  turned("picot", "picot elastic, turned"),
  turned("plush", "plush elastic, turned"),
  {
    ...{ id: "encased", name: "elastic encased by turning once", edge: "elastic", formula: "a = w + 1" },
    adds: (given) => needing({ widthMm: "the width of the elastic" }, given, ({ widthMm }) => adds(widthMm + TURN_MM)),
  },
  {
    ...{ id: "casing", name: "separate casing band", edge: "elastic", formula: "a = s; band = 2 · w + 2 · s + 4" },
    adds: (given) =>
      needing(
        { widthMm: "the width of the elastic", seamMm: "the seam allowance of the band" },
        given,
        ({ widthMm, seamMm }) => adds(seamMm, 2 * widthMm + 2 * seamMm + CASING_EASE_MM),
      ),
  },
  bare("lace", "finished lace edge", "raw"),
  {
    ...{ id: "trim", name: "trim laid on top", edge: "raw", formula: "a as the pattern asks" },
    adds: (given) => needing({ askedMm: "what the pattern asks for" }, given, ({ askedMm }) => adds(askedMm)),
  },
  usual("overlock", "overlocked stretch seam", "overlockMm"),
  usual("lingerie", "lingerie seam", "lingerieMm"),
  usual("lapped", "lapped seam", "lappedMm"),
  usual("woven", "woven seam", "wovenMm"),
  usual("corset", "corset seam", "corsetMm"),
  usual("hemOverlock", "overlocked hem", "hemOverlockMm", "hem"),
  usual("hemRolled", "rolled hem", "hemRolledMm", "hem"),
  {
    ...{ id: "strapTube", name: "strap tube", edge: "seam", formula: "a = s; band = 2 · (w + s)" },
    adds: (given) =>
      needing(
        { widthMm: "the finished width of the strap", seamMm: "its seam allowance" },
        given,
        ({ widthMm, seamMm }) => adds(seamMm, 2 * (widthMm + seamMm)),
      ),
  },
];

/** A finish by its name; null where there is none. */
export const finishOf = (id: string): Finish | null => FINISHES.find((one) => one.id === id) ?? null;
