import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { term } from "../../../core/explain/index.ts";
import { KEPT_WIDTH, THREADS, zigzagStretch } from "../../../core/seams/index.ts";
import { ZigzagChart } from "../../chart/charts.ts";
import type { Fields } from "../../form/unsaved.ts";
import { percent } from "../../frame/units/percent.ts";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { threadField, typedMm } from "./trialFields.ts";

interface ZigzagEstimateProps {
  readonly typed: Fields;
  /** Steps of the needle one way across. */
  readonly steps: number;
  readonly needed: number | null;
}

/** How far a zigzag will stretch, before it is sewn: by its dials, the thread that gives least, and no cloth. */
export function ZigzagEstimate({ typed, steps, needed }: ZigzagEstimateProps) {
  const threads = (["leftNeedle", "bobbin"] as const).map((position) =>
    THREADS.find(({ id }) => id === (typed[threadField(position, "kind")] ?? "spun")),
  );
  const least = threads.reduce(
    (before, one) =>
      one && one.extension !== null && (before === null || one.extension < before.extension)
        ? { name: one.name, extension: one.extension }
        : before,
    null as { readonly name: string; readonly extension: number } | null,
  );
  if (!least)
    return (
      <Typography sx={{ mb: 2, color: "text.secondary" }}>
        No estimate: how far these threads give is not known in general. Sew a scrap.
      </Typography>
    );
  const [widthMm, lengthMm] = [typedMm(typed.width), typedMm(typed.stitchLength)];
  const at = widthMm !== null && lengthMm !== null ? { widthMm, lengthMm } : null;
  const stretchOf = (width: number, length: number) =>
    zigzagStretch({ widthMm: width, lengthMm: length, extension: least.extension, steps });
  const estimate = at && stretchOf(at.widthMm, at.lengthMm);
  return (
    <Box component="section" aria-label="Before it is sewn" sx={{ mb: 2 }}>
      <Typography variant="h3" sx={{ mb: 0.5 }}>
        Before it is sewn
      </Typography>
      <Typography sx={{ mb: 1 }}>
        {at && estimate !== null ? (
          <>
            An estimate:{" "}
            <Why label="Stretch of the zigzag, estimated" explain={() => explained(at, estimate, least, steps)}>
              {percent(estimate)}
            </Why>
            {needed === null ? "." : `, and ${percent(needed)} are needed.`} The scrap has the word.
          </>
        ) : (
          "Type length and width, and it is estimated here."
        )}
      </Typography>
      <ZigzagChart
        stretchOf={stretchOf}
        at={at}
        needed={needed}
        label="Stretch of a zigzag over the length of its steps, a line for each width: shorter and wider stretches further."
      />
    </Box>
  );
}

const explained = (
  at: { readonly widthMm: number; readonly lengthMm: number },
  value: number,
  least: { readonly name: string; readonly extension: number },
  steps: number,
) => ({
  title: "Stretch of the zigzag, estimated",
  formula: "σ = √((1 + e)² · (ℓ² + (w / k)²) − κ² · (w / k)²) / ℓ − 1",
  terms: [
    term("setting", "length")("w", "width", at.widthMm, "typed"),
    term("setting", "length")("ℓ", "along the seam for each step", at.lengthMm, "typed"),
    term("setting", "count")("k", "steps one way across", steps, "stitch"),
    term("cloth", "ratio")("e", `how far the thread gives: ${least.name}`, least.extension, "kind of thread"),
    term("setting", "ratio")("κ", "width it keeps when opened", KEPT_WIDTH, "habit"),
  ],
  result: { value, unit: "percent" as const },
  notes: ["An estimate by the thread alone: the cloth, the tensions and the needle are not in it."],
  others: [],
});
