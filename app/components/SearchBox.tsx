import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import { Form } from "react-router";

/** A search that stands in the address, so that it can be kept and shared. */
export function SearchBox({
  label,
  search,
  keep = {},
}: {
  label: string;
  search: string;
  keep?: Readonly<Record<string, string>>;
}) {
  return (
    <Form method="get" role="search">
      <Stack direction="row" spacing={1} sx={{ mb: 2, maxWidth: 460 }}>
        {Object.entries(keep).map(([name, value]) => (
          <input key={name} type="hidden" name={name} value={value} />
        ))}
        <TextField id="search" name="q" type="search" label={label} defaultValue={search} key={search} />
        <Button type="submit" variant="outlined">
          Search
        </Button>
      </Stack>
    </Form>
  );
}
