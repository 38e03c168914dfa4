import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import type { CupSurface, DraftFacts } from "../../../../core/drafting/index.ts";
import { plainTable } from "../../../frame/plainTable.ts";
import { FlatStrain } from "./FlatStrain.tsx";
import { SurfaceViews } from "./SurfaceViews.tsx";
import { Turnable } from "./Turnable.tsx";
import { useSurfaces } from "./useSurfaces.ts";

/** The breast as the surface its cups are cut from: what lies where, and what the cloth has to give there. */
export function CupSurfaces({ recipe, facts }: { recipe: string; facts: DraftFacts }) {
  const { surfaces, settled } = useSurfaces(recipe, facts);
  return (
    <Box component="section" aria-labelledby="surface" sx={{ mb: 3, minHeight: 320 }}>
      <Typography variant="h3" id="surface">
        On the breast
      </Typography>
      <Typography sx={{ color: "text.secondary", mb: 1.5, maxWidth: 720 }}>
        The surface by its measured arcs. In colour what a flat cloth cannot follow: plum where it has to give, green
        where it is long.
      </Typography>
      {surfaces.length > 0 ? <Turnable surfaces={surfaces} /> : null}
      {surfaces.map((surface) => (
        <Paper key={surface.side ?? "both"} sx={{ p: 2, mb: 2 }}>
          <Typography variant="h4" component="h4" sx={{ fontSize: "1rem", fontWeight: 700, mb: 1 }}>
            {surface.side === null ? "Both sides" : surface.side === "left" ? "Left" : "Right"}
          </Typography>
          <SurfaceViews surface={surface} />
          <FlatStrain surface={surface} />
          <Strains surface={surface} settled={settled} />
        </Paper>
      ))}
    </Box>
  );
}

function Strains({ surface, settled }: { surface: CupSurface; settled: boolean }) {
  return (
    <Box
      component="table"
      aria-label={`Strain left, ${surface.side ?? "both sides"}`}
      aria-busy={!settled}
      sx={{ ...plainTable, mt: 1, fontStyle: settled ? "normal" : "italic" }}
    >
      <thead>
        <tr>
          <th scope="col">Piece</th>
          <th scope="col" className="number">
            5 of 100 threads below
          </th>
          <th scope="col" className="number">
            95 of 100 threads below
          </th>
        </tr>
      </thead>
      <tbody>
        {surface.patches.map(({ id, name, low, high }, at) => (
          <tr key={id}>
            <th scope="row">
              <strong>{at + 1}</strong> {name}
            </th>
            <td className="number">{percent(low)}</td>
            <td className="number">{percent(high)}</td>
          </tr>
        ))}
      </tbody>
    </Box>
  );
}

const percent = (part: number): string => `${part < 0 ? "−" : "+"}${Math.abs(part * 100).toFixed(1)} %`;
