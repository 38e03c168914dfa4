import Typography from "@mui/material/Typography";
import { useMemo, useState } from "react";
import type { DartWorking } from "../../../core/cups/index.ts";
import { type Draft, operate } from "../../../core/drafting/index.ts";
import { dartFromGape } from "../../../core/redraw/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import type { EdgeId } from "../../pieces/edgePlaces.ts";
import { PieceBoard } from "../../pieces/PieceBoard.tsx";

/** The dart on the piece it is sewn in, over the piece as it was; else why it is not drawn there. */
export function DartOnPiece({ draft, working }: { draft: Draft; working: DartWorking }) {
  const lengths = useLengths();
  const [lit, setLit] = useState<EdgeId | null>(null);
  const answer = useMemo(() => darted(draft, working), [draft, working]);
  if (!answer.draft)
    return <Typography sx={{ mb: 1.5, color: "text.secondary" }}>{lengths.told(answer.instead)}</Typography>;
  return (
    <PieceBoard
      draft={answer.draft}
      old={answer.old}
      lit={lit}
      onLit={setLit}
      label={`The dart on the ${answer.draft.pieces[0]?.name.toLowerCase() ?? "piece"}, over the piece before`}
    />
  );
}

type Darted = { readonly draft: Draft; readonly old: Draft } | { readonly draft: null; readonly instead: string };

/** The one piece with its dart, and as it was. */
function darted(draft: Draft, working: DartWorking): Darted {
  const drawn = dartFromGape(draft, working);
  if ("instead" in drawn) return { draft: null, instead: drawn.instead };
  const done = operate(draft, drawn.calls);
  if (!done.ok) return { draft: null, instead: done.problem.message };
  const alone = (whole: Draft): Draft => ({
    ...whole,
    pieces: whole.pieces.filter(({ id }) => id === drawn.calls[0]?.params.piece),
  });
  return { draft: alone(done.value.draft), old: alone(draft) };
}
