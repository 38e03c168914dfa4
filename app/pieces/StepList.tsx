import Box from "@mui/material/Box";
import { wholeId } from "../../core/drafting/index.ts";
import { edgeName, levelName } from "../../core/pieces/index.ts";
import type { RedrawnStep } from "../../core/redraw/index.ts";
import { useLengths } from "../frame/units/UnitContext.tsx";

/** A change in words, by its number. */
export type ChangeWords = Readonly<Record<number, string>>;

/** How far edges and girths have to differ to be told, mm. */
const TOLD_MM = 0.5;

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
  const { reports, instead } = step;
  const lengths = useLengths();
  if (instead) return <Box sx={{ color: "text.secondary" }}>{lengths.told(instead)}</Box>;
  const decided = (step.lands ?? []).filter(({ cut, byMm }) => cut && byMm !== 0);
  const told = reports.flatMap(({ girths, edges }) => [
    ...girths.map(({ level, beforeMm, afterMm }) => ({
      name: `girth at ${levelName(level).toLowerCase()}`,
      beforeMm,
      afterMm,
    })),
    ...wholeEdges(edges).map(({ piece, edge, beforeMm, afterMm }) => ({
      ...{
        name: `${edgeName({ id: edge }).toLowerCase()} of ${sideName(piece, step.calls[0]?.onSide)}`,
        beforeMm,
        afterMm,
      },
    })),
  ]);
  const last = new Map(told.map((one) => [one.name, one]));
  const shown = [...last.values()]
    .map(({ name, afterMm }) => ({
      ...{ name, afterMm },
      beforeMm: told.find((one) => one.name === name)?.beforeMm ?? afterMm,
    }))
    .filter(({ beforeMm, afterMm }) => Math.abs(afterMm - beforeMm) >= TOLD_MM);
  return (
    <Box sx={{ color: "text.secondary", fontSize: "0.95rem" }}>
      {decided.length > 0 ? (
        <Box component="span" sx={{ display: "block", color: "text.primary" }}>
          {decided
            .map(
              ({ piece, cut, byMm, cameMm }) =>
                `${sideName(piece, step.calls[0]?.onSide)}, ${cut?.line}: ${lengths.difference(byMm)} decided, ${
                  cameMm === null ? "no longer there" : `${lengths.difference(cameMm)} drawn`
                }`,
            )
            .join("; ")}
          .
        </Box>
      ) : null}
      {shown
        .map(({ name, beforeMm, afterMm }) =>
          beforeMm === 0
            ? `new: ${name}, ${lengths.length(afterMm)}`
            : `${name}: ${lengths.length(beforeMm)} to ${lengths.length(afterMm)} (${lengths.difference(afterMm - beforeMm)})`,
        )
        .join("; ") || "Nothing moves by half a millimetre or more."}
    </Box>
  );
}

type EdgeReport = RedrawnStep["reports"][number]["edges"][number];

/** Edges that a dart lies in, its mouth and what is beyond it counted with them: as long as they are cut. */
function wholeEdges(edges: readonly EdgeReport[]): EdgeReport[] {
  const whole = new Map<string, EdgeReport>();
  for (const part of edges) {
    const edge = part.edge.replace(/(\.dart|-2)$/, "");
    const before = whole.get(`${part.piece} ${edge}`);
    whole.set(`${part.piece} ${edge}`, {
      ...{ piece: part.piece, edge },
      beforeMm: part.beforeMm + (before?.beforeMm ?? 0),
      afterMm: part.afterMm + (before?.afterMm ?? 0),
    });
  }
  return [...whole.values()];
}

/** A piece in words; of a change on one side with that side. */
const sideName = (piece: string, onSide: string | undefined): string => {
  const name = edgeName({ id: wholeId(piece) }).toLowerCase();
  return onSide ? `the ${onSide} ${name}` : name;
};
