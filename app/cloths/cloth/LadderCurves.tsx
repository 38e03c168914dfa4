import Typography from "@mui/material/Typography";
import type { ClothKind, DirectionSummary } from "../../../core/cloth/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { CurveChart } from "../../chart/charts.ts";
import { useClothSettings } from "../ClothSettingsContext.tsx";

/** The curve of each direction that was pulled by load. */
export function LadderCurves({ summaries, kind }: { summaries: readonly DirectionSummary[]; kind: ClothKind }) {
  const settings = useClothSettings();
  return summaries.flatMap(({ direction, ladder, usable, curveTest }) =>
    ladder && curveTest
      ? [
          <section key={direction} aria-label={`Curve ${direction}`}>
            <Typography variant="h2" sx={{ mt: 3, mb: 0.5 }}>
              Curve {direction}, {formatDay(curveTest.testedOn)}
            </Typography>
            <CurveChart
              ladder={ladder}
              usable={usable}
              referenceNPerM={settings.referenceNPerM[kind]}
              label={`Tension over strain, ${direction}`}
            />
          </section>,
        ]
      : [],
  );
}
