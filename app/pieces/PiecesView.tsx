import Typography from "@mui/material/Typography";
import { useDeferredValue, useMemo, useState } from "react";
import { type CheckAnswer, type Draft, onWhole } from "../../core/drafting/index.ts";
import type { StretchOnBody } from "../../core/pieces/index.ts";
import { CheckList } from "./CheckList.tsx";
import { EdgeTable } from "./EdgeTable.tsx";
import type { EdgeId } from "./edgePlaces.ts";
import { GirthTable } from "./GirthTable.tsx";
import { OnBody } from "./OnBody.tsx";
import { PieceBoard } from "./PieceBoard.tsx";
import { StatedTable } from "./StatedTable.tsx";

/** Drawn pieces with all that is known of them: the drawing, the rules, the girths, the edges. Lists and drawing light one another. */
export function PiecesView({
  draft,
  checks,
  stretch,
  old = null,
  label,
  onBody = false,
  stale = false,
}: {
  draft: Draft;
  checks: readonly CheckAnswer[];
  stretch: StretchOnBody | null;
  old?: Draft | null;
  label: string;
  /** Shows where its lines lie on the body. */
  onBody?: boolean;
  /** What is drawn is of earlier entries: what rules say of it is not said. */
  stale?: boolean;
}) {
  const [lit, setLit] = useState<EdgeId | null>(null);
  // The drawing follows each key at once; its long lists come in the moment after.
  const listed = useDeferredValue(draft);
  // What is said of one half is shown on the piece it is cut in.
  const told = useMemo(() => checks.map((check) => onWhole(draft, check)), [draft, checks]);
  const faults = stale ? [] : told.filter(({ ok }) => !ok);
  return (
    <>
      {draft.pieces.length > 0 ? (
        <PieceBoard draft={draft} old={old} faults={faults} lit={lit} onLit={setLit} label={label} />
      ) : null}
      <Typography variant="h3" sx={{ mb: 0.5 }}>
        {stale
          ? "As it was drawn before"
          : faults.length === 0
            ? "Every rule holds"
            : faults.length === 1
              ? "1 rule is broken"
              : `${faults.length} rules are broken`}
      </Typography>
      {stale ? null : <CheckList checks={told} onLit={setLit} />}
      {onBody ? <OnBody draft={listed} /> : null}
      <GirthTable draft={listed} />
      {draft.stated ? (
        <StatedTable draft={listed} stretch={stretch} lit={lit} onLit={setLit} />
      ) : (
        <EdgeTable draft={listed} stretch={stretch} lit={lit} onLit={setLit} />
      )}
    </>
  );
}
