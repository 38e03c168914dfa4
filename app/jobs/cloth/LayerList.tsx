import Box from "@mui/material/Box";
import { type Direction, LAYER_ROLE_NAMES, type LayerRole } from "../../../core/cloth/index.ts";
import { PlainList } from "../../frame/PlainList.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { percent } from "../../frame/units/percent.ts";

/** The layers of a job from the outside in, each with what it is known to do. */
export function LayerList({
  layers,
}: {
  layers: readonly {
    id: number;
    name: string;
    direction: Direction;
    role: LayerRole | null;
    usable: number | null;
    ladder: boolean;
  }[];
}) {
  return (
    <Box sx={{ mb: 3 }}>
      <PlainList
        label="Layers of this job"
        rows={layers.map(({ id, name, direction, role, usable, ladder }, index) => ({
          key: `${id} ${direction} ${role}`,
          main: <TextLink to={`/cloths/${id}`}>{`${index + 1}. ${name}`}</TextLink>,
          side: `${role ? `${LAYER_ROLE_NAMES[role]}, ` : ""}${direction} round the body`,
          more: `${usable === null ? "not tested this way" : `stretches ${percent(usable)}`}; ${ladder ? "with a curve" : "no ladder, so its pull is not known"}`,
        }))}
      />
    </Box>
  );
}
