import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import { reckonWorking, type WorkingId } from "../../../core/workings/index.ts";
import { TextLink } from "../../frame/TextLink.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import type { WorkingPage } from "../calculation/WorkingForm.tsx";

/** What is to be mended on this long page, at its head: each leads to the part it is mended in. */
export function ToMend({ pages }: { pages: readonly WorkingPage<WorkingId>[] }) {
  const lengths = useLengths();
  const things = pages
    .filter(({ kept }) => kept.version > 0)
    .flatMap(({ id, kept, facts }) =>
      reckonWorking(id, kept.working, facts).warnings.map((thing) => ({ thing, to: `#working-${id}` })),
    );
  if (things.length < 2) return null;
  return (
    <Alert severity="warning" sx={{ mb: 2.5 }}>
      <Box component="ul" aria-label="To mend on this page" sx={{ m: 0, pl: 2.5 }}>
        {things.map(({ thing, to }) => (
          <li key={thing}>
            <TextLink to={to}>{lengths.told(thing)}</TextLink>
          </li>
        ))}
      </Box>
    </Alert>
  );
}
