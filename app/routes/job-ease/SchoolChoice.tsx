import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Form } from "react-router";
import type { StylePlan } from "../../../core/ease/planStyle.ts";
import { SCHOOLS } from "../../../core/ease/schools/index.ts";
import type { Job } from "../../../core/job/job.ts";

/** The schools side by side, each with what it does and what it does not see; one is chosen for the job. */
export function SchoolChoice({ job, plan }: { job: Pick<Job, "school" | "version">; plan: StylePlan }) {
  return (
    <Form method="post" aria-label="School of ease">
      <input type="hidden" name="version" value={job.version} />
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "repeat(3, 1fr)" }, gap: 1.5 }}>
        {SCHOOLS.map(({ id, name, summary, blindTo, formula }) => {
          const chosen = job.school === id;
          return (
            <Box key={id} sx={{ ...cardStyle, borderTopColor: chosen ? "primary.main" : "divider" }}>
              <Typography variant="h3">{name}</Typography>
              <Box sx={{ fontFamily: '"Besley Variable", Georgia, serif', color: "text.secondary" }}>{formula}</Box>
              <Typography sx={{ fontSize: "0.95rem" }}>{summary}</Typography>
              <Typography sx={{ fontSize: "0.85rem", color: "text.secondary", flex: 1 }}>{blindTo}</Typography>
              <PullOnWords failing={plan.pullOn[id].filter(({ verdict }) => verdict !== "goes").length} />
              {chosen ? (
                <Box sx={{ minHeight: 40, lineHeight: "40px", fontWeight: 700, color: "primary.main" }}>
                  Chosen for this job
                </Box>
              ) : (
                <Button
                  type="submit"
                  name="school"
                  value={id}
                  variant="outlined"
                  aria-label={`Choose ${name.toLowerCase()}`}
                >
                  Choose
                </Button>
              )}
            </Box>
          );
        })}
      </Box>
    </Form>
  );
}

function PullOnWords({ failing }: { failing: number }) {
  return failing === 0 ? (
    <Box sx={{ fontSize: "0.9rem", color: "success.main" }}>goes on over the hip</Box>
  ) : (
    <Box sx={{ fontSize: "0.9rem", color: "warning.main", fontWeight: 650 }}>will not simply go on</Box>
  );
}

const cardStyle = {
  display: "flex",
  flexDirection: "column",
  gap: 0.75,
  p: 1.75,
  bgcolor: "background.paper",
  border: 1,
  borderColor: "divider",
  borderTop: 4,
} as const;
