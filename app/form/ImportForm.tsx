import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import { type ReactNode, useState } from "react";
import { Form, useNavigation } from "react-router";
import { FileInput } from "./FileInput.tsx";
import { PlainFields } from "./FormFields.tsx";

interface ImportFormProps {
  /** What is picked, above the field. */
  readonly label: string;
  /** Largest file that is taken, bytes: a larger one is refused before it is sent. */
  readonly most: number;
  /** Why the last file was refused. */
  readonly error: string | undefined;
  /** What has to be answered before the file is taken over; nothing where there is no question. */
  readonly question: ReactNode;
}

/** Picks one file and takes it over, with what was wrong with it and what it asks. */
export function ImportForm({ label, most, error, question }: ImportFormProps) {
  const busy = useNavigation().state !== "idle";
  const [tooLarge, setTooLarge] = useState(false);
  return (
    <>
      {error ? (
        <Alert severity="error" sx={{ mb: 2 }}>
          {error}
        </Alert>
      ) : null}
      <Form method="post" encType="multipart/form-data">
        <FileInput
          label={label}
          name="file"
          accept="application/json,.json"
          onPick={(file) => setTooLarge((file?.size ?? 0) > most)}
        />
        {tooLarge ? (
          <Alert severity="error" sx={{ mb: 2 }}>
            Expected a file up to {most / 1e6} MB; this one is larger.
          </Alert>
        ) : null}
        <PlainFields>{question}</PlainFields>
        <Button type="submit" variant="contained" disabled={busy || tooLarge}>
          {busy ? "Taking it over …" : question ? "Import it so" : "Import"}
        </Button>
      </Form>
    </>
  );
}
