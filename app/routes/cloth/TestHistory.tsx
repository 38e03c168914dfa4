import Typography from "@mui/material/Typography";
import type { SwatchTest } from "../../../core/cloth/cloth.ts";
import { formatDay } from "../../../core/units/day.ts";
import { PlainList } from "../../components/PlainList.tsx";

/** All tests ever made of a cloth, newest first; the newest of a direction counts. */
export function TestHistory({ tests }: { tests: readonly SwatchTest[] }) {
  if (tests.length === 0) return null;
  return (
    <>
      <Typography variant="h2" sx={{ mt: 4, mb: 1 }}>
        All tests
      </Typography>
      <PlainList
        label="All tests"
        rows={tests.map(({ id, direction, testedOn, gaugeMm, stretchedMm, afterMm }) => ({
          key: id,
          main: formatDay(testedOn),
          side: direction,
          more: `${gaugeMm} → ${stretchedMm} mm${afterMm === null ? ", not read after 60 s" : `, after 60 s ${afterMm} mm`}`,
        }))}
      />
    </>
  );
}
