import type { LadderStep, LoadLadder, SwatchForm } from "../../core/cloth/index.ts";
import { returnStrain, type StandInCloth, trueStrain } from "../../core/gauge/index.ts";

/** How a swatch of the demo was pulled: its made-up cloth, its strip, its loads. */
export interface DemoPull extends Pick<StandInCloth, "softness" | "stiffening" | "returned" | "kept"> {
  readonly form?: SwatchForm;
  readonly widthMm: number;
  readonly gaugeMm?: number;
  /** Loads on the whole swatch, N, rising. */
  readonly loadsN: readonly number[];
  /** Width under the last load, mm, where it was read. */
  readonly narrowedToMm?: number;
}

/** A ladder as a hand would have written it: lengths to half a millimetre, unloaded by every other load. */
export function demoLadder({
  form = "strip",
  widthMm,
  gaugeMm = 100,
  loadsN,
  narrowedToMm,
  ...own
}: DemoPull): LoadLadder {
  const cloth: StandInCloth = { id: "", name: "", kind: "knit", creep: 0, slackMm: 0, ...own };
  const tension = (forceN: number) => (forceN / widthMm / (form === "loop" ? 2 : 1)) * 1000;
  const lengthMm = (strain: number) => Math.round(gaugeMm * (1 + strain) * 2) / 2;
  const largest = trueStrain(cloth, tension(loadsN.at(-1) ?? 0));
  const loading = loadsN.map(
    (forceN): LadderStep => ({
      forceN,
      lengthMm: lengthMm(trueStrain(cloth, tension(forceN))),
      phase: "load",
      cycle: 1,
    }),
  );
  const back = loadsN
    .slice(0, -1)
    .filter((_, index) => index % 2 === 1)
    .toReversed()
    .map(
      (forceN): LadderStep => ({
        forceN,
        lengthMm: lengthMm(returnStrain(cloth, tension(forceN), largest)),
        phase: "unload",
        cycle: 1,
      }),
    );
  return {
    form,
    widthMm,
    gaugeMm,
    steps: [...loading, ...back],
    afterMm: lengthMm(cloth.kept * largest),
    after30MinMm: null,
    neckIn:
      narrowedToMm === undefined ? null : { restMm: widthMm, stretchedMm: narrowedToMm, atLengthMm: lengthMm(largest) },
  };
}
