import type { LadderStep } from "../../../core/cloth/index.ts";
import type { Fields } from "../../form/unsaved.ts";
import { stepFields } from "../ladderForm.ts";

/** A step the gauge was read at: the load that was meant, and what was read. */
export type LiveStep = Pick<LadderStep, "forceN" | "lengthMm" | "phase">;

/** How the swatch is clamped and what is pulled. */
export interface LiveSetup {
  /** A stand-in's id, or `device` for the real gauge. */
  readonly source: string;
  readonly form: "strip" | "loop";
  readonly widthMm: number;
  readonly gaugeMm: number;
  /** Loads one after the other, N; a lower one is on the way back. */
  readonly loadsN: readonly number[];
  readonly seed: number;
  readonly speed: number;
}

const rounded = (value: number, decimals: number): string => String(Number(value.toFixed(decimals)));

/** Steps as the fields of the ladder form, so that nothing read is lost and the form can be gone on with. */
export const stepsAsFields = (setup: LiveSetup, steps: readonly LiveStep[], afterMm: number | null): Fields => ({
  "ladder.form": setup.form,
  "ladder.width": String(setup.widthMm),
  "ladder.gauge": String(setup.gaugeMm),
  ...(afterMm === null ? {} : { "ladder.after": rounded(Math.max(setup.gaugeMm, afterMm), 1) }),
  ...Object.assign(
    {},
    ...steps.map(({ forceN, lengthMm, phase }, index) => {
      const names = stepFields(index);
      return { [names.force]: rounded(forceN, 3), [names.length]: rounded(lengthMm, 1), [names.phase]: phase };
    }),
  ),
});

/** Reads loads such as `1, 2, 3.5` and turns round after the largest where the way back is wanted. */
export function loadsFrom(text: string, withReturn: boolean): number[] | null {
  const loads = text
    .split(/[;\s]+|,\s+/)
    .filter((part) => part !== "")
    .map((part) => Number(part.replace(",", ".")));
  if (loads.length === 0 || loads.length > 24 || loads.some((load) => !(load > 0 && load <= 1000))) return null;
  const rising = loads.toSorted((a, b) => a - b);
  return withReturn ? [...rising, ...rising.slice(0, -1).toReversed()] : rising;
}

/** The address of the stand-in's next step, or of the real gauge. */
export function streamAddress(setup: LiveSetup, step: number): string {
  if (setup.source === "device") return "/gauge/stream?source=device";
  const done = setup.loadsN.slice(0, step);
  const query = new URLSearchParams({
    cloth: setup.source,
    form: setup.form,
    width: String(setup.widthMm),
    gauge: String(setup.gaugeMm),
    from: String(done.at(-1) ?? 0),
    to: String(setup.loadsN[step] ?? 0),
    largest: String(Math.max(0, ...done, setup.loadsN[step] ?? 0)),
    seed: String(setup.seed + step),
    speed: String(setup.speed),
  });
  return `/gauge/stream?${query}`;
}
