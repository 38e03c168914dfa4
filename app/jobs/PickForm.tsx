import Button from "@mui/material/Button";
import { Form } from "react-router";

/** A form of one button that takes something of a list into a job, starting from the version that was shown. */
export function PickForm({
  version,
  name,
  value,
  label,
  children,
}: {
  version: number;
  name: string;
  value: number;
  /** What is picked, for those who do not see the row. */
  label: string;
  children: string;
}) {
  return (
    <Form method="post">
      <input type="hidden" name="version" value={version} />
      <Button type="submit" name={name} value={value} variant="outlined" size="small" aria-label={label}>
        {children}
      </Button>
    </Form>
  );
}
