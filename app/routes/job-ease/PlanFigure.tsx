import Box from "@mui/material/Box";
import type { StylePlan } from "../../../core/ease/planStyle.ts";
import type { SchoolId } from "../../../core/ease/schools/school.ts";
import { stretchStepOf } from "../../../core/ease/stretchStep.ts";
import { Figure } from "../../components/figure/Figure.tsx";
import { ZoneBands } from "../../components/figure/ZoneBands.tsx";

/** The chosen plan on the figure: how far each zone is stretched. The bare garment while no school is chosen. */
export function PlanFigure({ plan, school }: { plan: StylePlan; school: SchoolId | null }) {
  const zones = school
    ? plan.zones.map(({ zone, bySchool }) => {
        const { shareUsed, strain } = bySchool[school].consequences;
        return { zone, step: stretchStepOf(shareUsed, strain) };
      })
    : [];
  return (
    <Box sx={{ display: { xs: "none", md: "block" } }}>
      <Figure
        view="front"
        withGarment
        maxHeight={250}
        label={school ? "Planned strain on the figure" : "The style on the figure"}
        onBody={<ZoneBands zones={zones} view="front" />}
      />
    </Box>
  );
}
