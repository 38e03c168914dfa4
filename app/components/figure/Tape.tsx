import type { MeasureCode, Side } from "../../../core/body/measure.ts";
import type { FigureView } from "../../../core/fitting/fitting.ts";
import { Figure } from "./Figure.tsx";
import { tapePath } from "./tapePaths.ts";

/** A measure's tape on the figure, or the bare figure while no measure is in hand. */
export function TapeFigure({
  view,
  lit,
}: {
  view: FigureView;
  lit: { code: MeasureCode; side: Side; name: string } | null;
}) {
  const tape = lit ? tapePath(lit.code, lit.side, view) : undefined;
  const drawn = tape ? <TapeLine path={tape.path} /> : null;
  return (
    <Figure
      view={view}
      label={lit && tape ? `Tape for ${lit.name}, ${view}` : `Figure, ${view}`}
      onBody={tape?.free ? null : drawn}
      over={tape?.free ? drawn : null}
      maxHeight={430}
    />
  );
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
