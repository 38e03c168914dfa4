import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { Form } from "react-router";
import { choiceFor, ZONE_NAMES } from "../../../core/ease/index.ts";
import { type PlanColumn, rules } from "./columns.ts";
import { type ZoneDetailProps, ZoneFields } from "./ZoneFields.tsx";

/** Takes one school for this zone alone. */
export function UseHere({
  plan,
  column,
  choice,
  version,
}: Pick<ZoneDetailProps, "plan" | "choice" | "version"> & { column: PlanColumn }) {
  if (rules(choice, plan, column)) {
    return (
      <Box component="span" sx={{ fontWeight: 700, color: "primary.main" }}>
        {choiceFor(choice, plan.zone)?.by === choice.school ? "chosen" : "used here"}
      </Box>
    );
  }
  if (column.id === "own" || !plan.bySchool[column.id].ok) return null;
  return (
    <Form method="post" preventScrollReset>
      <ZoneFields zone={plan.zone} version={version} />
      <Button
        type="submit"
        name="by"
        value={column.id}
        size="small"
        sx={{ minWidth: 0, px: 0.75 }}
        aria-label={`Use ${column.name.toLowerCase()} at the ${ZONE_NAMES[plan.zone].toLowerCase()}`}
      >
        Use here
      </Button>
    </Form>
  );
}
