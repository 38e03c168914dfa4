import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { MeasureCode, Side } from "../../core/body/index.ts";
import { TAPE_VIEWS, type TapePath, type TapeView, tapeWays } from "../../core/figure/index.ts";
import { ChestCloseUp } from "./ChestCloseUp.tsx";
import { Figure } from "./Figure.tsx";
import { SideFigure } from "./SideFigure.tsx";

/** A measure in hand. */
export interface LitMeasure {
  readonly code: MeasureCode;
  readonly side: Side;
  readonly name: string;
}

const CAPTIONS: Readonly<Record<TapeView, string>> = { front: "front", back: "back", side: "side", breast: "close up" };

/** The figure in the one or two views that show the tape of the measure in hand; front and back while there is none. */
export function TapeFigures({ lit, maxHeight = 430 }: { lit: LitMeasure | null; maxHeight?: number }) {
  const ways = lit ? tapeWays(lit.code, lit.side) : {};
  const shown = TAPE_VIEWS.filter((view) => ways[view]).slice(0, 2);
  const views = shown.length > 0 ? shown : (["front", "back"] as const);
  return (
    <Box
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "1fr", md: `repeat(${views.length}, 1fr)` },
        maxWidth: 480,
        mx: "auto",
        minHeight: { md: maxHeight },
      }}
    >
      {views.map((view, index) => (
        <Box
          key={view}
          sx={{
            // Beside the fields of a tablet there is room for one view only: the one that shows the tape best.
            display: { xs: index === 0 ? "block" : "none", md: "block" },
            maxWidth: view === "breast" ? 400 : 240,
            mx: "auto",
            width: "100%",
          }}
        >
          <TapeInView view={view} tape={ways[view]} name={lit?.name ?? null} maxHeight={maxHeight} />
          <Typography align="center" color="text.secondary" sx={{ fontSize: "0.85rem" }}>
            {CAPTIONS[view]}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}

function TapeInView({
  view,
  tape,
  name,
  maxHeight,
}: {
  view: TapeView;
  tape: TapePath | undefined;
  name: string | null;
  maxHeight: number;
}) {
  const label = tape && name ? `Tape for ${name}, ${view}` : `Figure, ${view}`;
  const drawn = tape ? <TapeLine path={tape.path} /> : null;
  const layers = { label, maxHeight, onBody: tape?.free ? null : drawn, over: tape?.free ? drawn : null };
  if (view === "side") return <SideFigure {...layers} />;
  if (view === "breast") return <ChestCloseUp label={label} over={drawn} />;
  return <Figure view={view} {...layers} />;
}

/** A measuring tape: a broad band with marks, so that it reads as a tape without colour. */
function TapeLine({ path }: { path: string }) {
  return (
    <g fill="none">
      <path d={path} stroke="var(--stz-palette-bench-mulberry)" strokeWidth={5} />
      <path d={path} stroke="var(--stz-palette-bench-sheet)" strokeWidth={3.2} strokeDasharray="0.9 3.4" />
    </g>
  );
}
