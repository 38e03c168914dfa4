import Box from "@mui/material/Box";
import { Outlet } from "react-router";
import { guarded } from "../../.server/http/guarded.ts";
import { planOfPage } from "../../.server/read/jobPlan.ts";
import { stepsOfPage } from "../../.server/read/rail.ts";
import { TextLink } from "../../frame/TextLink.tsx";
import type { Route } from "./+types/route.ts";
import { StepRail } from "./StepRail.tsx";

export const meta: Route.MetaFunction = ({ loaderData, location }) => [
  { title: `${titleOf(loaderData, location.pathname)} · Stenz` },
];

/** Pages of a job are told from one another by the step they are of; those beside the order of work by their address. */
function titleOf(loaded: Route.ComponentProps["loaderData"] | undefined, path: string): string {
  const [, , , page = ""] = path.split("/");
  if (!loaded || page === "") return loaded?.job.name ?? "Job";
  const name = loaded.steps.find(({ id }) => id === page)?.name ?? page.charAt(0).toUpperCase() + page.slice(1);
  return `${name}, ${loaded.job.name}`;
}

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const read = await planOfPage(context, params.jobId);
  const { job, style, wearer } = read;
  return {
    job: { id: job.id, name: job.name },
    styleName: style.name,
    wearer: { id: wearer.id, name: wearer.name, kind: wearer.kind },
    steps: await stepsOfPage(context, read),
  };
});

export default function JobFrame({ loaderData }: Route.ComponentProps) {
  const { job, styleName, wearer, steps } = loaderData;
  return (
    <Box
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "212px minmax(0, 1fr)" },
        gap: { xs: 2, md: 4 },
      }}
    >
      <Box component="aside" className="no-print">
        <Box sx={{ mb: 1.5 }}>
          <Box sx={{ fontFamily: '"Besley Variable", serif', fontWeight: 600, fontSize: "1.1rem", lineHeight: 1.25 }}>
            {job.name}
          </Box>
          <Box sx={{ color: "text.secondary", fontSize: "0.9rem" }}>
            {styleName} for <TextLink to={`/wearers/${wearer.id}`}>{wearer.name}</TextLink>
            {wearer.kind === "form" ? " (form: does not breathe)" : null}
          </Box>
        </Box>
        <StepRail jobId={job.id} steps={steps} />
      </Box>
      <Box sx={{ minWidth: 0 }}>
        <Outlet />
      </Box>
    </Box>
  );
}
