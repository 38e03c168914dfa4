import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Form } from "react-router";
import { SCHOOLS, type School, type SchoolId, type StylePlan } from "../../../core/ease/index.ts";
import type { Job } from "../../../core/job/index.ts";
import { schoolMark } from "./schoolMark.tsx";

interface SchoolChoiceProps {
  readonly job: Pick<Job, "school" | "version">;
  readonly plan: StylePlan;
  readonly schools: readonly SchoolId[];
}

/** The schools side by side, each with what it does and what it does not see; one is chosen for the job. */
export function SchoolChoice({ job, plan, schools }: SchoolChoiceProps) {
  return (
    <Form method="post" aria-label="School of ease" preventScrollReset>
      <input type="hidden" name="version" value={job.version} />
      <input type="hidden" name="intent" value="school" />
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "1fr", sm: "repeat(auto-fit, minmax(138px, 1fr))" },
          gap: 1.25,
          mb: 3,
        }}
      >
        {SCHOOLS.filter(({ id }) => schools.includes(id)).map((school) => (
          <SchoolCard key={school.id} school={school} plan={plan} chosen={job.school === school.id} />
        ))}
      </Box>
    </Form>
  );
}

function SchoolCard({ school, plan, chosen }: { school: School; plan: StylePlan; chosen: boolean }) {
  const { id, name, summary, blindTo, formula } = school;
  const without = plan.zones.filter(({ bySchool }) => !bySchool[id].ok);
  return (
    <Box sx={{ ...cardStyle, borderTopColor: chosen ? "primary.main" : "divider" }}>
      <Typography variant="h3" sx={{ display: "flex", gap: 0.75, alignItems: "baseline" }}>
        {schoolMark(id, chosen)} {name}
      </Typography>
      <Box sx={{ fontFamily: '"Besley Variable", Georgia, serif', color: "text.secondary", fontSize: "0.9rem" }}>
        {formula}
      </Box>
      <Typography sx={{ fontSize: "0.92rem" }}>{summary}</Typography>
      <Typography sx={{ fontSize: "0.82rem", color: "text.secondary", flex: 1 }}>{blindTo}</Typography>
      <Standing plan={plan} id={id} without={without.length} />
      {chosen ? (
        <Box
          sx={{
            minHeight: 40,
            display: "flex",
            alignItems: "center",
            lineHeight: 1.25,
            fontWeight: 700,
            color: "primary.main",
          }}
        >
          Chosen for this job
        </Box>
      ) : (
        <Button
          type="submit"
          name="school"
          value={id}
          variant="outlined"
          disabled={without.length === plan.zones.length}
          aria-label={`Choose ${name.toLowerCase()}`}
        >
          Choose
        </Button>
      )}
    </Box>
  );
}

function Standing({ plan, id, without }: { plan: StylePlan; id: SchoolId; without: number }) {
  if (without > 0) {
    const words =
      without === plan.zones.length ? "has no answer here" : `no answer in ${without} of ${plan.zones.length}`;
    return <Box sx={{ fontSize: "0.85rem", color: "text.secondary" }}>{words}</Box>;
  }
  if (plan.pullOn[id].length === 0) return null;
  return plan.pullOn[id].every(({ verdict }) => verdict === "goes") ? (
    <Box sx={{ fontSize: "0.85rem", color: "success.main" }}>can be pulled on</Box>
  ) : (
    <Box sx={{ fontSize: "0.85rem", color: "warning.main", fontWeight: 650 }}>will not simply go on</Box>
  );
}

const cardStyle = {
  display: "flex",
  flexDirection: "column",
  gap: 0.6,
  p: 1.4,
  bgcolor: "background.paper",
  border: 1,
  borderColor: "divider",
  borderTop: 4,
} as const;
