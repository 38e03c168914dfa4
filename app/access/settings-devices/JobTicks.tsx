import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { CheckInput } from "../../form/CheckInput.tsx";

/** A job that a device can be for. */
export interface TickedJob {
  readonly identity: string;
  readonly name: string;
  readonly wearerName: string;
}

/** The jobs a device for fittings is for, the newest first. */
export function JobTicks({
  jobs,
  ticked,
}: {
  readonly jobs: readonly TickedJob[];
  readonly ticked: readonly string[];
}) {
  return (
    <Box component="fieldset" sx={listStyle}>
      <Typography component="legend" sx={{ fontSize: "0.85rem", color: "text.secondary" }}>
        Of these jobs; without export, and without erasing anything
      </Typography>
      {jobs.length === 0 ? <Typography>There is no job yet.</Typography> : null}
      {jobs.map(({ identity, name, wearerName }) => (
        <CheckInput key={identity} name={`job.${identity}`}>
          {name}, {wearerName}
        </CheckInput>
      ))}
      {/* One that was taken off stays ticked where it was: it may be brought back. */}
      {ticked
        .filter((identity) => !jobs.some((job) => job.identity === identity))
        .map((identity) => (
          <input key={identity} type="hidden" name={`job.${identity}`} value="yes" />
        ))}
    </Box>
  );
}

const listStyle = {
  ...{ border: 0, p: 0, m: 0, mb: 2, maxHeight: 320, overflowY: "auto", minWidth: 0 },
  "& label": { mb: 0 },
} as const;
