import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import {
  type ClothKind,
  type DirectionSummary,
  explainContraction,
  explainGrowth,
  explainRecovery,
  explainUsable,
  LARGEST_QUIET_MOVE,
  stretchClassOf,
  type TestResult,
} from "../../core/cloth/index.ts";
import type { Explanation } from "../../core/explain/index.ts";
import { CurveChart } from "../chart/charts.ts";
import { percent } from "../frame/units/percent.ts";
import { Why } from "../frame/why/WhyDrawer.tsx";
import { useClothSettings } from "./ClothSettingsContext.tsx";

const BASIS_WORDS = {
  hand: "by hand",
  reference: "at the reference tension",
  last: "at least: the ladder ended below its reference",
} as const;

interface LadderViewProps {
  readonly result: TestResult;
  readonly kind: ClothKind;
  readonly label: string;
  /** The test behind the result, once it is kept: its numbers then open their formulas. */
  readonly summary?: DirectionSummary;
}

/** What a swatch test tells: its curve and the judgements on it. */
export function LadderView({ result, kind, label, summary }: LadderViewProps) {
  const settings = useClothSettings();
  const { ladder, usable, basis, growth, recovery, recoveredAfter, willBag } = result;
  return (
    <Box>
      {ladder ? (
        <CurveChart ladder={ladder} usable={usable} referenceNPerM={settings.referenceNPerM[kind]} label={label} />
      ) : null}
      <Box component="dl" sx={{ display: "grid", gridTemplateColumns: "auto 1fr", columnGap: 2, rowGap: 0.5, my: 1.5 }}>
        <Row
          name="Usable stretch"
          value={percent(usable)}
          explain={summary ? () => explainUsable(summary, kind, settings) : undefined}
          more={`${BASIS_WORDS[basis]}; ${stretchClassOf(usable)}`}
        />
        <Row
          name="Growth"
          value={growth === null ? "not read" : percent(growth)}
          explain={summary && growth !== null ? () => explainGrowth(summary, settings) : undefined}
        />
        <Row
          name="Recovery"
          value={recovery === null ? "not read" : percent(recovery)}
          explain={summary && recovery !== null ? () => explainRecovery(summary, settings) : undefined}
          more={recoveredAfter === null ? "" : `after ${recoveredAfter === "30min" ? "30 min" : "60 s"}`}
        />
        {ladder?.contraction === null || !ladder ? null : (
          <Row
            name="Cross-contraction"
            value={ladder.contraction.toFixed(2)}
            explain={contractionOf(summary)}
            more="how much narrower it grows"
          />
        )}
        {ladder ? (
          <Row
            name="In wear"
            value={ladder.returning ? "its own way back" : `${settings.wearFactor} of the loading curve`}
          />
        ) : null}
      </Box>
      {willBag ? <Alert severity="warning">It does not come back well enough and will bag.</Alert> : null}
      {ladder && ladder.loading.pooledBy > LARGEST_QUIET_MOVE ? (
        <Alert severity="warning" sx={{ mt: 1 }}>
          A reading fell where it should rise: it was evened out by {percent(ladder.loading.pooledBy)} of the largest
          tension. Read the steps again, or pull a fresh swatch.
        </Alert>
      ) : null}
      {ladder ? null : (
        <Typography color="text.secondary">No ladder: how hard it pulls is not known, only how far it goes.</Typography>
      )}
    </Box>
  );
}

function contractionOf(summary: DirectionSummary | undefined): (() => Explanation | null) | undefined {
  const ladder = summary?.curveTest?.ladder;
  const contraction = summary?.ladder?.contraction;
  return ladder && contraction != null ? () => explainContraction(ladder, contraction) : undefined;
}

interface RowProps {
  readonly name: string;
  readonly value: string;
  readonly more?: string;
  readonly explain?: (() => Explanation | null) | undefined;
}

function Row({ name, value, more = "", explain }: RowProps) {
  return (
    <>
      <Box component="dt" sx={{ color: "text.secondary" }}>
        {name}
      </Box>
      <Box component="dd" sx={{ m: 0 }}>
        <strong>
          {explain ? (
            <Why label={name} explain={explain}>
              {value}
            </Why>
          ) : (
            value
          )}
        </strong>{" "}
        {more}
      </Box>
    </>
  );
}
