import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { Form, useNavigation } from "react-router";
import { ChoiceInput } from "../../../form/ChoiceInput.tsx";
import { FieldError } from "../../../form/FieldError.tsx";
import { FileInput } from "../../../form/FileInput.tsx";
import { PlainFields } from "../../../form/FormFields.tsx";
import { PickInput } from "../../../form/PickInput.tsx";
import { TextInput } from "../../../form/TextInput.tsx";
import type { Unsaved } from "../../../form/unsaved.ts";
import { useFormUnit } from "../../../frame/units/useFormUnit.ts";
import { BuiltPiece } from "./BuiltPiece.tsx";
import { SCALES } from "./units.ts";

export interface ReadInProps {
  /** Of the pattern as it is shown: nothing is added to another one. */
  readonly version: number;
  readonly wraps: readonly { readonly id: number; readonly name: string }[];
  /** What of the file that was just read in was passed over. */
  readonly passed: readonly string[];
  readonly unsaved: Unsaved | undefined;
}

/** Ways a pattern comes in without being typed: a file of its pieces, or a wrap of the wearer. */
export function ReadIn({ version, wraps, passed, unsaved }: ReadInProps) {
  const shown = unsaved?.theirs?.version ?? version;
  return (
    <Box
      component="section"
      aria-label="Read in"
      sx={{
        mb: 4,
        display: "grid",
        gap: 2,
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 3fr) minmax(0, 2fr)" },
      }}
    >
      {unsaved?.theirs ? (
        <Alert severity="warning" sx={{ gridColumn: "1 / -1" }}>
          Somebody changed this pattern meanwhile. Nothing was read in; do it again, and it is added to theirs.
        </Alert>
      ) : null}
      {passed.length > 0 && !unsaved ? (
        <Alert severity="info" sx={{ gridColumn: "1 / -1" }}>
          {`Read in. Passed over, kind by kind: ${passed.join("; ")}. An outline of a piece that is among the open lines has to be closed first: join its ends, and read it in again.`}
        </Alert>
      ) : null}
      <FileForm key={`file ${JSON.stringify([version, unsaved])}`} version={shown} unsaved={unsaved} />
      <Wraps version={shown} wraps={wraps} error={unsaved?.errors.wrap} />
      <BuiltPiece key={`built ${JSON.stringify([version, unsaved])}`} version={shown} unsaved={unsaved} />
    </Box>
  );
}

function FileForm({ version, unsaved }: Pick<ReadInProps, "version" | "unsaved">) {
  const busy = useNavigation().state !== "idle";
  const unit = useFormUnit(unsaved?.fields);
  return (
    <Paper component="section" aria-label="Pieces from a file" sx={{ p: 2 }}>
      <Typography variant="h3" sx={{ mb: 1 }}>
        Pieces from a file
      </Typography>
      <PlainFields {...(unsaved ? { values: unsaved.fields, errors: unsaved.errors } : {})}>
        <Form method="post" encType="multipart/form-data">
          <input type="hidden" name="intent" value="file" />
          <input type="hidden" name="version" value={version} />
          <input type="hidden" name="unit" value={unit} />
          <FileInput label="SVG or DXF" name="file" accept=".svg,.dxf,image/svg+xml" />
          <FieldError name="file" />
          <ChoiceInput
            name="outline"
            legend="Its outlines are, where it does not say"
            choices={[
              { value: "seam", label: "seam lines" },
              { value: "cut", label: "cut lines" },
            ]}
          />
          <Box sx={{ display: "grid", gridTemplateColumns: "repeat(2, minmax(0, 1fr))", columnGap: 1.5 }}>
            <TextInput name="allowance" label="Allowance of cut lines, mm" hint="Taken off all round." />
            <PickInput name="fileUnit" label="Drawn in, where it does not say" choices={SCALES} first="mm" />
          </Box>
          <Button type="submit" variant="outlined" disabled={busy}>
            Read it in
          </Button>
        </Form>
      </PlainFields>
    </Paper>
  );
}

function Wraps({ version, wraps, error }: Pick<ReadInProps, "version" | "wraps"> & { error: string | undefined }) {
  return (
    <Paper component="section" aria-label="A wrap laid flat" sx={{ p: 2 }}>
      <Typography variant="h3" sx={{ mb: 1 }}>
        A wrap laid flat
      </Typography>
      <Typography sx={{ mb: 1.5, color: "text.secondary", fontSize: "0.92rem" }}>
        {wraps.length > 0
          ? "Its edges are those of the body: held against the plan, its girths say how much has to come off."
          : "This wearer has no wrap yet. Wrap the body, cut it off, lay it flat: its edges can be taken from there."}
      </Typography>
      {error ? (
        <Alert severity="error" sx={{ mb: 1.5 }}>
          {error}
        </Alert>
      ) : null}
      {wraps.map(({ id, name }) => (
        <Form key={id} method="post">
          <input type="hidden" name="intent" value="wrap" />
          <input type="hidden" name="version" value={version} />
          <Button type="submit" name="wrap" value={id} variant="outlined" size="small" sx={{ mb: 1 }}>
            {`Take the edges of “${name}”`}
          </Button>
        </Form>
      ))}
    </Paper>
  );
}
