import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import type { Zone } from "../../../core/ease/index.ts";
import { FIGURE_VIEWS, type FigureView, type Place } from "../../../core/figure/index.ts";
import { Figure } from "../../figure/Figure.tsx";
import { PendingPin, type Pin, Pins } from "../../figure/Pins.tsx";
import { SideFigure } from "../../figure/SideFigure.tsx";

interface FittingFigureProps {
  readonly zones: readonly Zone[];
  readonly pins: readonly Pin[];
  readonly view: FigureView;
  readonly onTurn: (view: FigureView) => void;
  /** Where the finding being written down is. */
  readonly pending: Place | null;
  /** Left out where nothing can be put on the record any more. */
  readonly onPick: ((place: Place) => void) | undefined;
}

/** The figure, one view large and the others beside it to turn to, with a pin for every finding. A tap puts the next. */
export function FittingFigure({ zones, pins, view, onTurn, pending, onPick }: FittingFigureProps) {
  const seen = pins.filter((pin) => pin.view === view).length;
  return (
    <Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "minmax(0, 1fr) 78px", gap: 1, alignItems: "start" }}>
        <OneView
          view={view}
          zones={zones}
          maxHeight="min(74vh, 660px)"
          label={`Findings, ${view}: ${seen}.${onPick ? " Tap a place to put one there." : ""}`}
          over={
            <>
              <Pins pins={pins} view={view} />
              <PendingPin place={pending} view={view} />
            </>
          }
          onPick={onPick}
        />
        <Box sx={{ display: "grid", gap: 1 }}>
          {FIGURE_VIEWS.map((other) => (
            <TurnButton
              key={other}
              view={other}
              current={other === view}
              count={pins.filter((pin) => pin.view === other).length}
              onTurn={onTurn}
            >
              <OneView view={other} zones={zones} maxHeight={108} label="" over={<Pins pins={pins} view={other} />} />
            </TurnButton>
          ))}
        </Box>
      </Box>
      {onPick ? (
        <Typography color="text.secondary" sx={{ fontSize: "0.85rem" }}>
          Tap where it is seen. Round pins: too much. Square: too little. Peaked: moved. Cut corners: noted.
        </Typography>
      ) : null}
    </Box>
  );
}

interface OneViewProps {
  readonly view: FigureView;
  readonly zones: readonly Zone[];
  readonly label: string;
  readonly maxHeight: number | string;
  readonly over: ReactNode;
  readonly onPick?: ((place: Place) => void) | undefined;
}

function OneView({ view, zones, onPick, ...shown }: OneViewProps) {
  const picking = onPick ? { onPick } : {};
  return view === "side" ? (
    <SideFigure {...shown} {...picking} />
  ) : (
    <Figure view={view} garment={zones} {...shown} {...picking} />
  );
}

interface TurnButtonProps {
  readonly view: FigureView;
  readonly current: boolean;
  readonly count: number;
  readonly onTurn: (view: FigureView) => void;
  readonly children: ReactNode;
}

function TurnButton({ view, current, count, onTurn, children }: TurnButtonProps) {
  return (
    <Box
      component="button"
      type="button"
      aria-pressed={current}
      aria-label={`Turn to the ${view}, ${count} ${count === 1 ? "finding" : "findings"}`}
      onClick={() => onTurn(view)}
      sx={{
        p: 0.5,
        border: 2,
        borderColor: current ? "primary.main" : "divider",
        borderRadius: 1,
        bgcolor: "background.paper",
        color: "text.primary",
        font: "inherit",
        fontSize: "0.85rem",
        cursor: "pointer",
        "& svg": { pointerEvents: "none" },
      }}
    >
      {children}
      {view}
    </Box>
  );
}
