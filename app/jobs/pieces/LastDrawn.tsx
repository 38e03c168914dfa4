import Box from "@mui/material/Box";
import { type ReactNode, useState } from "react";
import type { Draft } from "../../../core/drafting/index.ts";
import type { PiecesReckoning } from "../../../core/pieces/index.ts";
import { STALE } from "../calculation/WorkingForm.tsx";

type Drawn = PiecesReckoning & { readonly draft: Draft };

/** Shows pieces, and while what is typed cannot be drawn those that were last, greyed: why is said above them. */
export function LastDrawn({
  reckoning,
  children,
}: {
  reckoning: PiecesReckoning;
  children: (drawn: Drawn, before: boolean) => ReactNode;
}) {
  const [last, setLast] = useState<Drawn | null>(null);
  const now = reckoning.draft ? (reckoning as Drawn) : null;
  if (now && now !== last) setLast(now);
  const shown = now ?? last;
  if (!shown) return null;
  return <Box sx={now ? undefined : STALE}>{children(shown, now === null)}</Box>;
}
