import { Bench } from "tinybench";
import { brief as briefStyle, planStyle, SHIPPED_EASE_SETTINGS } from "../../core/ease/index.ts";
import { SAMPLE_SHEET } from "../../core/testing/index.ts";
import { type Figures, medianMs } from "./report.ts";
import { spreadsheetFigures } from "./spreadsheet.ts";
import { planTwelveZones } from "./twelveZones.ts";

/**
 * The whole plan of a brief, and of twelve zones by five schools in three layers, with all consequences and the pull-on
 * verdicts; the latter beside the same formulas in a general spreadsheet engine.
 */
export async function* figures(): Figures {
  const input = {
    style: briefStyle,
    body: SAMPLE_SHEET,
    cloth: { usable: 0.62, recovery: 0.93 },
    settings: SHIPPED_EASE_SETTINGS,
  };
  const bench = new Bench({ time: 1000 });
  bench.add("plan of the brief", () => {
    planStyle(input);
  });
  bench.add("plan of 12 zones by 5 schools, 3 layers of 6 points", () => {
    planTwelveZones();
  });
  await bench.run();
  const [brief, twelve] = bench.tasks.map((task) => medianMs(task) * 1000) as [number, number];
  yield { name: "plan of the brief, median", value: brief, unit: "µs", under: 50 };
  yield { name: "plan of 12 zones by 5 schools, 3 layers of 6 points, median", value: twelve, unit: "µs", under: 300 };
  yield* spreadsheetFigures(twelve);
}
