import Typography from "@mui/material/Typography";
import { type Cloth, DIRECTIONS, evaluateTest, type SwatchTest, stateWords } from "../../../core/cloth/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { TimeChart } from "../../chart/charts.ts";
import type { TimeSeries } from "../../chart/TimeChart.tsx";
import { useClothSettings } from "../ClothSettingsContext.tsx";

/** How usable stretch and recovery of one direction went over its tests; nothing while no direction was tested twice. */
export function TestsOverTime({ tests, kind }: { tests: readonly SwatchTest[]; kind: Cloth["kind"] }) {
  const settings = useClothSettings();
  const resultOf = (test: SwatchTest) => {
    const result = evaluateTest(test, kind, settings);
    return result.ok ? result.value : null;
  };
  return DIRECTIONS.flatMap((direction) => {
    const there = tests
      .filter((test) => test.direction === direction && test.state !== "wet" && test.struck === null)
      .toReversed();
    if (there.length < 2) return [];
    const values = (read: (test: SwatchTest) => number | null): TimeSeries["values"] =>
      there.flatMap((test) => {
        const value = read(test);
        return value === null ? [] : [{ day: test.testedOn, value: Math.round(value * 1000) / 10 }];
      });
    const series: TimeSeries[] = [
      { name: "usable stretch", values: values((test) => resultOf(test)?.usable ?? null) },
      { name: "recovery", values: values((test) => resultOf(test)?.recovery ?? null) },
    ];
    return [
      <section key={direction} aria-label={`Over time, ${direction}`}>
        <Typography variant="h2" sx={{ mt: 4, mb: 0.5 }}>
          Over time, {direction}
        </Typography>
        <Typography color="text.secondary" sx={{ mb: 1 }}>
          {there.map((test) => `${formatDay(test.testedOn)}: ${stateWords(test)}`).join(" · ")}
        </Typography>
        <TimeChart series={series} unit="%" label={`Usable stretch and recovery ${direction} over time`} />
      </section>,
    ];
  });
}
