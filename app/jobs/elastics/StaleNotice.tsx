import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { Form } from "react-router";
import { FieldError } from "../../form/FieldError.tsx";

/** Edges have moved since the elastics were kept: one press takes them as they are now. */
export function StaleNotice({ version, error }: { version: number; error: string | undefined }) {
  return (
    <Box className="no-print" sx={{ mb: 2 }}>
      <Form method="post" preventScrollReset>
        <input type="hidden" name="intent" value="anew" />
        <input type="hidden" name="version" value={version} />
        <Button type="submit" variant="contained">
          Take the edges as they are now
        </Button>
      </Form>
      {error ? <FieldError name="version" /> : null}
    </Box>
  );
}
