import Box from "@mui/material/Box";
import type { ClothKind, Direction } from "../../../core/cloth/index.ts";
import { DayInput } from "../../form/DayInput.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import { PulledFields } from "../SwatchHead.tsx";
import { SwatchPicture } from "./SwatchPicture.tsx";

/** The three lengths of a hand test, with a picture of what each one is. */
export function HandTestFields({ kind, untested }: { kind: ClothKind; untested: readonly Direction[] }) {
  return (
    <>
      <SwatchPicture />
      <PulledFields kind={kind} untested={untested} />
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr 1fr", lg: "repeat(4, 1fr)" }, gap: 2 }}>
        <TextInput name="gauge" label="Gauge at rest" hint="Between two marks." numeric suffix="mm" />
        <TextInput name="stretched" label="Stretched" hint="Comfortable limit." numeric suffix="mm" />
        <TextInput name="after" label="After 60 s" hint="Let go, wait." numeric suffix="mm" />
        <DayInput name="testedOn" label="Tested on" />
      </Box>
    </>
  );
}
