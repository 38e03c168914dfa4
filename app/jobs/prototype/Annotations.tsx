import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Prototype } from "../../../core/fitting/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import type { Fields, Unsaved } from "../../form/unsaved.ts";

interface AnnotationsProps {
  readonly prototype: Prototype;
  readonly draftForm: string;
  readonly draft: Fields | undefined;
  readonly unsaved: Unsaved | undefined;
}

/** Notes written to a prototype, also after it was closed. They add to its record and change nothing in it. */
export function Annotations({ prototype, draftForm, draft, unsaved }: AnnotationsProps) {
  return (
    <Box component="section" aria-label="Notes to this prototype" sx={{ mt: 4, maxWidth: 720 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Notes to this prototype
      </Typography>
      {prototype.annotations.map(({ id, writtenOn, text }) => (
        <Box key={id} sx={{ mb: 1 }}>
          <Box component="span" sx={{ color: "text.secondary" }}>
            {formatDay(writtenOn)}:
          </Box>{" "}
          {text}
        </Box>
      ))}
      <RecordForm
        key={prototype.annotations.length}
        draftForm={draftForm}
        draft={draft ?? null}
        unsaved={unsaved}
        hidden={{ intent: "annotate" }}
        submitLabel="Write the note"
        quiet
      >
        <TextInput name="text" label="Note" lines={2} hint="It stays: notes are added, never changed." />
      </RecordForm>
    </Box>
  );
}
