import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import type { ListedJob } from "../../../data/jobs/index.ts";
import { TextLink } from "../../frame/TextLink.tsx";

/** Where a job stands, in words, with the page that takes it on. */
function standing(job: ListedJob): { words: string; to: string } {
  const base = `/jobs/${job.id}`;
  if (job.openFindings > 0) {
    const findings = job.openFindings === 1 ? "1 finding waits" : `${job.openFindings} findings wait`;
    return { words: `${findings} for your word`, to: `${base}/prototypes/${job.prototypeCount}/fitting` };
  }
  if (job.prototypeCount > 0) return { words: `prototype ${job.prototypeCount} is made`, to: `${base}/prototypes` };
  if (job.school) return { words: "planned, ready for prototype 1", to: `${base}/prototypes` };
  return { words: "being planned", to: base };
}

/** One job on the bench. */
export function JobCard({ job }: { job: ListedJob & { styleName: string } }) {
  const { words, to } = standing(job);
  return (
    <Paper
      component="li"
      sx={{ p: 2.25, borderLeft: "5px solid", borderLeftColor: job.openFindings > 0 ? "primary.main" : "divider" }}
    >
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        <TextLink to={`/jobs/${job.id}`}>{job.name}</TextLink>
      </Typography>
      <Box sx={{ color: "text.secondary" }}>
        {job.styleName} for {job.wearerName}
      </Box>
      <Box sx={{ color: "text.secondary" }}>{job.clothName ? `from ${job.clothName}` : "no cloth chosen yet"}</Box>
      <Box sx={{ display: "flex", alignItems: "center", justifyContent: "space-between", mt: 1.5, gap: 1 }}>
        <PrototypeTicks count={job.prototypeCount} />
        <TextLink to={to}>{words}</TextLink>
      </Box>
    </Paper>
  );
}

/** Prototypes as basting stitches: one a prototype. */
function PrototypeTicks({ count }: { count: number }) {
  const label = count === 1 ? "1 prototype" : `${count} prototypes`;
  if (count === 0) return <Box sx={{ color: "text.secondary", fontSize: "0.9rem" }}>no prototype yet</Box>;
  return (
    <Box
      component="svg"
      role="img"
      aria-label={label}
      viewBox={`0 0 ${count * 16} 10`}
      sx={{ height: 10, width: count * 16, flex: "none" }}
    >
      <path
        d={Array.from({ length: count }, (_, stitch) => `M ${stitch * 16 + 2} 7 l 9 -4`).join(" ")}
        stroke="var(--stz-palette-bench-thread)"
        strokeWidth={3}
        strokeLinecap="round"
      />
    </Box>
  );
}
