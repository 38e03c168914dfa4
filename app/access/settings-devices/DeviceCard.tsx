import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Form } from "react-router";
import { formatDay } from "../../../core/units/index.ts";
import type { Device } from "../../../data/access/index.ts";
import { ChoiceInput } from "../../form/ChoiceInput.tsx";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import type { Unsaved } from "../../form/unsaved.ts";
import { JobTicks, type TickedJob } from "./JobTicks.tsx";
import { ROLE_CHOICES } from "./roleWords.ts";

interface DeviceCardProps {
  readonly device: Device;
  readonly jobs: readonly TickedJob[];
  readonly unsaved: Unsaved | undefined;
}

/** A device that is let in: what it may do, when it was here last, and the way to send it away. */
export function DeviceCard({ device, jobs, unsaved }: DeviceCardProps) {
  const { id, name, role, pairedAt, lastUsedAt, version } = device;
  const [open, setOpen] = useState(unsaved !== undefined);
  const [chosen, setChosen] = useState<string>(unsaved?.fields.role ?? role);
  const words = ROLE_CHOICES.find(({ value }) => value === role)?.label ?? role;
  return (
    <Paper sx={{ p: 2, mb: 1.5 }}>
      <Box sx={{ display: "flex", gap: 2, flexWrap: "wrap", alignItems: "center" }}>
        <Box sx={{ flex: "1 1 260px", minWidth: 0 }}>
          <Typography sx={{ fontWeight: 700, overflowWrap: "anywhere" }}>{name}</Typography>
          <Typography sx={{ color: "text.secondary", fontSize: "0.92rem" }}>
            {words}
            {role === "fittings" ? ` (${device.jobs.length})` : ""}; here last {formatDay(lastUsedAt.slice(0, 10))},
            paired {formatDay(pairedAt.slice(0, 10))}
          </Typography>
        </Box>
        <Button onClick={() => setOpen(!open)} aria-expanded={open}>
          Change
        </Button>
        <Form method="post">
          <input type="hidden" name="id" value={id} />
          <Button type="submit" name="intent" value="away" color="error" aria-label={`Send ${name} away`}>
            Send away
          </Button>
        </Form>
      </Box>
      {open ? (
        <Box sx={{ mt: 2 }}>
          <RecordForm
            draftForm={null}
            start={{ name, role, ...Object.fromEntries(device.jobs.map((job) => [`job.${job}`, "yes"])) }}
            unsaved={unsaved}
            hidden={{ intent: "change", id, version }}
            submitLabel="Keep the change"
            quiet
          >
            <TextInput name="name" label="Name" required />
            <ChoiceInput name="role" legend="It may" choices={ROLE_CHOICES} onChange={setChosen} />
            {chosen === "fittings" ? <JobTicks jobs={jobs} ticked={device.jobs} /> : null}
          </RecordForm>
        </Box>
      ) : null}
    </Paper>
  );
}
