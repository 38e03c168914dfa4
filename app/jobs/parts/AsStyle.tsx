import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Form, useNavigation } from "react-router";
import { PlainFields } from "../../form/FormFields.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import type { Unsaved } from "../../form/unsaved.ts";

/** Keeps the job's style with the parts that are kept as a style of the workshop: later jobs start from it. */
export function AsStyle({ unsaved }: { unsaved: Unsaved | undefined }) {
  const busy = useNavigation().state !== "idle";
  return (
    <Box component="section" aria-labelledby="as-style" className="no-print" sx={{ mt: 2, maxWidth: 640 }}>
      <Typography variant="h3" id="as-style" sx={{ mb: 0.5 }}>
        A style of your own from it
      </Typography>
      <Typography sx={{ mb: 1.5, color: "text.secondary" }}>
        A copy of this job's style with the parts as they are kept. Jobs in it start with them, and change what they
        like.
      </Typography>
      <PlainFields {...(unsaved ? { values: unsaved.fields, errors: unsaved.errors } : {})}>
        <Form method="post">
          <input type="hidden" name="intent" value="style" />
          <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "flex-start", gap: 1.5 }}>
            <Box sx={{ flex: "1 1 260px" }}>
              <TextInput name="name" label="Name of the style" />
            </Box>
            <Button type="submit" variant="outlined" disabled={busy} sx={{ mt: 0.25 }}>
              Keep as a style
            </Button>
          </Box>
        </Form>
      </PlainFields>
    </Box>
  );
}
