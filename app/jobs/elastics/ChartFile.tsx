import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { Form, useNavigation } from "react-router";
import { FieldError } from "../../form/FieldError.tsx";
import { FileInput } from "../../form/FileInput.tsx";
import { PlainFields } from "../../form/FormFields.tsx";
import type { Unsaved } from "../../form/unsaved.ts";
import { useFormUnit } from "../../frame/units/useFormUnit.ts";

/** A bought pattern's chart of elastics, read in from a file in place of the rows there are. */
export function ChartFile({ version, unsaved }: { version: number; unsaved: Unsaved | undefined }) {
  const busy = useNavigation().state !== "idle";
  const unit = useFormUnit(unsaved?.fields);
  return (
    <Paper
      component="section"
      aria-label="The pattern's chart from a file"
      className="no-print"
      sx={{ p: 2, maxWidth: 640 }}
    >
      <Typography variant="h3" sx={{ mb: 0.5 }}>
        The pattern's chart from a file
      </Typography>
      <Typography sx={{ mb: 1.5, color: "text.secondary", fontSize: "0.92rem" }}>
        CSV with columns size, edge, count, width, length (a heading may name its unit: length cm), or JSON. It takes
        the place of the chart's rows.
      </Typography>
      <PlainFields {...(unsaved ? { values: unsaved.fields, errors: unsaved.errors } : {})}>
        <Form method="post" encType="multipart/form-data">
          <input type="hidden" name="intent" value="chart" />
          <input type="hidden" name="version" value={unsaved?.theirs?.version ?? version} />
          <input type="hidden" name="unit" value={unit} />
          <FileInput label="CSV or JSON" name="file" accept=".csv,.json,text/csv,application/json" />
          <FieldError name="file" />
          <Button type="submit" variant="outlined" disabled={busy}>
            Read it in
          </Button>
        </Form>
      </PlainFields>
    </Paper>
  );
}
