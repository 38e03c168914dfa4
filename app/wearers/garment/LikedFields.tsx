import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { DIRECTIONS } from "../../../core/cloth/index.ts";
import {
  farFromBody,
  LIKED_LENGTH_NAMES,
  LIKED_LENGTHS,
  ZONE_NAMES,
  ZONES,
  type Zone,
} from "../../../core/ease/index.ts";
import { formatLengthWithUnit, type LengthUnit, parseLength } from "../../../core/units/index.ts";
import { clothChoice } from "../../cloths/layupFields.ts";
import { ChoiceInput } from "../../form/ChoiceInput.tsx";
import { DayInput } from "../../form/DayInput.tsx";
import type { Echo } from "../../form/echo.ts";
import { ShelfInput } from "../../form/ShelfInput.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import { likedLengthField, widthField } from "./likedFields.ts";

interface LikedFieldsProps {
  readonly shelf: readonly { readonly id: number; readonly name: string }[];
  readonly unit: LengthUnit;
  /** The wearer's body by the last sheet, mm. */
  readonly bodyMm: Readonly<Partial<Record<Zone, number>>>;
}

/** The fields of a garment that fits: laid flat and measured, edge to edge. */
export function LikedFields({ shelf, unit, bodyMm }: LikedFieldsProps) {
  return (
    <>
      <Box sx={{ ...gridStyle, gridTemplateColumns: { xs: "1fr", sm: "2fr 1fr" } }}>
        <TextInput name="name" label="Name" required hint="For example: the blue brief, worn most." />
        <DayInput name="measuredOn" label="Measured on" />
      </Box>
      <Typography variant="h3" sx={{ mb: 0.5 }}>
        Its cloth
      </Typography>
      <Box sx={{ ...gridStyle, gridTemplateColumns: { xs: "1fr", sm: "2fr 1fr" } }}>
        <ShelfInput
          name="cloth"
          label="Cloth on the shelf"
          choices={shelf.map(clothChoice)}
          hint="With its swatch tests, tension can be carried over."
        />
        <TextInput name="usable" label="Or: it stretches" suffix="%" numeric hint="Pulled by hand on the garment." />
      </Box>
      <ChoiceInput
        name="direction"
        legend="That cloth round the body"
        choices={DIRECTIONS.map((direction) => ({ value: direction, label: direction }))}
      />
      <Typography variant="h3" sx={{ mb: 0.5 }}>
        Widths, laid flat, edge to edge
      </Typography>
      <Typography sx={{ color: "text.secondary", fontSize: "0.9rem", mb: 1 }}>
        Without pulling, in {unit} where no unit is written. They are doubled for the girth; lengths are not.
      </Typography>
      <Box sx={gridStyle}>
        {ZONES.map((zone) => (
          <TextInput
            key={zone}
            name={widthField(zone)}
            label={ZONE_NAMES[zone]}
            numeric
            echo={askWidth(bodyMm[zone], unit)}
          />
        ))}
      </Box>
      <Typography variant="h3" sx={{ mb: 0.5 }}>
        Lengths
      </Typography>
      <Box sx={gridStyle}>
        {LIKED_LENGTHS.map((length) => (
          <TextInput key={length} name={likedLengthField(length)} label={LIKED_LENGTH_NAMES[length]} numeric />
        ))}
      </Box>
      <TextInput name="notes" label="What is liked about it" lines={2} />
    </>
  );
}

/** Asks, while it is typed, about a width whose girth is far from the body. */
const askWidth =
  (bodyMm: number | undefined, unit: LengthUnit): Echo =>
  (text) => {
    const flat = parseLength(text, unit);
    return flat.ok && bodyMm !== undefined
      ? farFromBody(2 * flat.value, bodyMm, (mm) => formatLengthWithUnit(mm, unit))
      : null;
  };

const gridStyle = {
  display: "grid",
  gridTemplateColumns: "repeat(auto-fill, minmax(150px, 1fr))",
  columnGap: 1.5,
} as const;
