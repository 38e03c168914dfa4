import { Bench } from "tinybench";
import { planStyle } from "../../core/ease/planStyle.ts";
import { SHIPPED_EASE_SETTINGS } from "../../core/ease/settings.ts";
import { brief } from "../../core/ease/styles/brief.ts";
import { SAMPLE_SHEET } from "../../core/testing/sampleJob.ts";
import type { Figure } from "./report.ts";

/** The whole plan of a brief: four zones by every school with all consequences and the pull-on verdicts. */
export async function planFigures(): Promise<Figure[]> {
  const input = {
    style: brief,
    body: SAMPLE_SHEET,
    cloth: { usable: 0.62, recovery: 0.93 },
    settings: SHIPPED_EASE_SETTINGS,
  };
  const bench = new Bench({ time: 1000 });
  bench.add("plan of the brief", () => {
    planStyle(input);
  });
  await bench.run();
  return bench.tasks.map(({ name, result }) => ({ name, value: microseconds(result), unit: "µs", under: 50 }));
}

function microseconds(result: unknown): number {
  const { latency } = result as { latency?: { p50: number } };
  return (latency?.p50 ?? Number.NaN) * 1000;
}
