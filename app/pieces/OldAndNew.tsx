import Button from "@mui/material/Button";
import { useMemo, useState } from "react";
import { checkDraft, type Draft, onWhole } from "../../core/drafting/index.ts";
import { type Change, inCuttingOrder } from "../../core/fitting/index.ts";
import { landingFaults, type RedrawnPlan, type RedrawnStep, redraw } from "../../core/redraw/index.ts";
import { CheckList } from "./CheckList.tsx";
import type { EdgeId } from "./edgePlaces.ts";
import { PieceBoard } from "./PieceBoard.tsx";
import { type ChangeWords, StepList } from "./StepList.tsx";

/** Pieces before and after the changes that are cut next, step by step in the order of the cutting table. */
export function OldAndNew({
  before,
  changes,
  plan,
  words,
  label,
  elsewhere,
}: {
  before: Draft;
  changes: readonly Change[];
  plan: RedrawnPlan;
  words: ChangeWords;
  label: string;
  /** Changes that are drawn on another set of pieces of the same garment. */
  elsewhere: readonly number[];
}) {
  const [lit, setLit] = useState<EdgeId | null>(null);
  const [shown, setShown] = useState(changes.length);
  const ordered = useMemo(() => inCuttingOrder(changes), [changes]);
  const whole = useMemo(() => redraw(before, ordered, plan), [before, ordered, plan]);
  const { draft } = useMemo(
    () => (shown >= ordered.length ? whole : redraw(before, ordered.slice(0, shown), plan)),
    [shown, ordered, whole, before, plan],
  );
  const faults = shown >= ordered.length ? brokenIn(draft, whole.steps) : [];
  return (
    <>
      {draft.pieces.length > 0 ? (
        <PieceBoard draft={draft} old={before} faults={faults} lit={lit} onLit={setLit} label={label} />
      ) : null}
      <StepList steps={whole.steps} words={words} shown={shown} onShown={setShown} elsewhere={elsewhere} />
      {shown < ordered.length ? (
        <Button size="small" sx={{ mb: 1 }} onClick={() => setShown(ordered.length)}>
          Show all of them
        </Button>
      ) : null}
      {faults.length > 0 ? <CheckList checks={faults} onLit={setLit} /> : null}
    </>
  );
}

/** Rules that pieces break, and changes that did not come to what was decided, each at its place on the piece as it is cut. */
const brokenIn = (draft: Draft, steps: readonly RedrawnStep[]) =>
  [...landingFaults(draft, steps), ...checkDraft(draft)].filter(({ ok }) => !ok).map((check) => onWhole(draft, check));
