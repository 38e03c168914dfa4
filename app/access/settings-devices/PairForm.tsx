import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { ChoiceInput } from "../../form/ChoiceInput.tsx";
import { RecordForm } from "../../form/RecordForm.tsx";
import type { Unsaved } from "../../form/unsaved.ts";
import { JobTicks, type TickedJob } from "./JobTicks.tsx";
import { ROLE_CHOICES } from "./roleWords.ts";

/** What a device that is to be paired may do, before its code is made. */
export function PairForm({
  jobs,
  unsaved,
}: {
  readonly jobs: readonly TickedJob[];
  readonly unsaved: Unsaved | undefined;
}) {
  const [role, setRole] = useState(unsaved?.fields.role ?? "whole");
  return (
    <Box component="section" aria-labelledby="pair" sx={{ mt: 4 }}>
      <Typography variant="h2" id="pair" sx={{ mb: 1 }}>
        Pair a device
      </Typography>
      <RecordForm
        draftForm={null}
        start={{ role: "whole" }}
        unsaved={unsaved}
        hidden={{ intent: "pair" }}
        submitLabel="Make a code"
      >
        <ChoiceInput name="role" legend="It may" choices={ROLE_CHOICES} onChange={setRole} />
        {role === "fittings" ? <JobTicks jobs={jobs} ticked={[]} /> : null}
      </RecordForm>
    </Box>
  );
}
