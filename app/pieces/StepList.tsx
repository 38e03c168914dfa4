import Box from "@mui/material/Box";
import type { RedrawnStep } from "../../core/redraw/index.ts";
import { useLengths } from "../frame/units/UnitContext.tsx";
import { pieceWords, sideAmong, stepTold } from "./stepTold.ts";

/** A change in words, by its number. */
export type ChangeWords = Readonly<Record<number, string>>;

/**
 * What became of each change on the pieces, in the order they were drawn. Where `onShown` is given, each is a button that shows the
 * pieces with it and all before it in.
 */
export function StepList({
  steps,
  words,
  shown,
  onShown,
  elsewhere = [],
}: {
  steps: readonly RedrawnStep[];
  words: ChangeWords;
  shown?: number;
  onShown?: (count: number) => void;
  /** Changes that are drawn on another set of pieces of the same garment. */
  elsewhere?: readonly number[];
}) {
  return (
    <Box component="ol" aria-label="Changes drawn" sx={{ m: 0, mb: 2, pl: 3 }}>
      {steps.map((step, at) => {
        const name = words[step.changeId] ?? `Change ${step.changeId}`;
        return (
          <Box
            component="li"
            key={step.changeId}
            sx={{ py: 0.5, opacity: shown !== undefined && at >= shown ? 0.55 : 1 }}
          >
            {onShown ? (
              <button type="button" className="why" aria-pressed={shown === at + 1} onClick={() => onShown(at + 1)}>
                <strong>{name}</strong>
                <span className="unseen">: show the pieces up to here</span>
              </button>
            ) : (
              <strong>{name}</strong>
            )}
            <StepEffect
              step={
                step.instead && elsewhere.includes(step.changeId) ? { ...step, instead: "On the other pieces." } : step
              }
            />
          </Box>
        );
      })}
    </Box>
  );
}

/** What an operation, or several that make one change, did to edges and girths; or why nothing was drawn. */
export function StepEffect({ step }: { step: Pick<RedrawnStep, "calls" | "reports" | "instead" | "lands"> }) {
  const { instead } = step;
  const lengths = useLengths();
  if (instead) return <Box sx={{ color: "text.secondary" }}>{lengths.told(instead)}</Box>;
  const decided = (step.lands ?? []).filter(({ cut, byMm }) => cut && byMm !== 0);
  const pieces = decided.map(({ piece }) => piece);
  // Of a change that is drawn on one side alone each piece is told with it.
  const sides = new Set(step.calls.map(({ onSide }) => onSide));
  const [side] = sides.size === 1 ? sides : [];
  return (
    <Box sx={{ color: "text.secondary", fontSize: "0.95rem" }}>
      {decided.length > 0 ? (
        <Box component="span" sx={{ display: "block", color: "text.primary" }}>
          {decided
            .map(
              ({ piece, cut, byMm, cameMm }) =>
                `${pieceWords(piece, side ?? sideAmong(piece, pieces))}, ${cut?.line}: ${lengths.difference(byMm)} decided, ${
                  cameMm === null ? "no longer there" : `${lengths.difference(cameMm)} drawn`
                }`,
            )
            .join("; ")}
          .
        </Box>
      ) : null}
      {stepTold(step)
        .map(({ name, beforeMm, afterMm }) =>
          beforeMm === 0
            ? `new: ${name}, ${lengths.length(afterMm)}`
            : `${name}: ${lengths.length(beforeMm)} to ${lengths.length(afterMm)} (${lengths.difference(afterMm - beforeMm)})`,
        )
        .join("; ") || "Nothing moves by half a millimetre or more."}
    </Box>
  );
}
