import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import { useEffect, useRef } from "react";
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
  const field = useRef<HTMLInputElement>(null);
  const shown = useRef(search);
  useEffect(() => {
    // An answer that comes late must not take away what was typed meanwhile.
    if (field.current && field.current.value === shown.current) field.current.value = search;
    shown.current = search;
  }, [search]);
  return (
    <Form
      method="get"
      role="search"
      onSubmit={() => {
        shown.current = field.current?.value ?? "";
      }}
    >
      <Stack direction="row" spacing={1} sx={{ mb: 2, maxWidth: 460 }}>
        {Object.entries(keep).map(([name, value]) => (
          <input key={name} type="hidden" name={name} value={value} />
        ))}
        <TextField id="search" name="q" type="search" label={label} defaultValue={search} inputRef={field} />
        <Button type="submit" variant="outlined">
          Search
        </Button>
      </Stack>
    </Form>
  );
}
