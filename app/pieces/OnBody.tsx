import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { memo, useMemo } from "react";
import type { Draft } from "../../core/drafting/index.ts";
import type { TrunkView } from "../../core/figure/index.ts";
import { onFigure } from "../../core/pieces/index.ts";
import { Figure } from "../figure/Figure.tsx";
import { FrontAndBack } from "../figure/FrontAndBack.tsx";

/** Front and back where their lines lie on the body; nothing where a recipe has neither. */
export const OnBody = memo(function OnBody({ draft }: { draft: Draft }) {
  const laid = useMemo(() => laidOn(draft), [draft]);
  if (laid.length === 0) return null;
  return (
    <Box component="section" aria-labelledby="on-the-body" sx={{ mb: 3 }}>
      <Typography variant="h3" id="on-the-body" sx={{ mb: 1 }}>
        Where its lines lie
      </Typography>
      <FrontAndBack maxWidth={420} views={laid.map(({ view }) => view)}>
        {(view) => (
          <Figure
            view={view}
            maxHeight={320}
            label={`The lines of the ${view} on the body`}
            onBody={
              <path
                d={laid.find((one) => one.view === view)?.path}
                fill="var(--stz-palette-bench-thread)"
                fillOpacity={0.22}
                stroke="var(--stz-palette-bench-ink)"
                strokeWidth={1.4}
              />
            }
          />
        )}
      </FrontAndBack>
    </Box>
  );
});

function laidOn({ pieces }: Draft): { readonly view: TrunkView; readonly path: string }[] {
  return (["front", "back"] as const).flatMap((view) => {
    const piece = pieces.find(({ id }) => id === view);
    const path = piece ? onFigure(piece) : null;
    return path ? [{ view, path }] : [];
  });
}
