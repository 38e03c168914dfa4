import Box from "@mui/material/Box";
import TextField from "@mui/material/TextField";
import { type ReactNode, useId } from "react";
import { DIRECTIONS, LAYER_ROLE_NAMES, LAYER_ROLES } from "../../core/cloth/index.ts";
import { FieldError } from "../form/FieldError.tsx";
import { useFieldState } from "../form/FormState.tsx";
import { PickInput } from "../form/PickInput.tsx";
import { AddRow } from "../form/rows/AddRow.tsx";
import { SortableRow } from "../form/rows/SortableRow.tsx";
import { SortableRows } from "../form/rows/SortableRows.tsx";
import { useRows } from "../form/rows/useRows.ts";
import { TextInput } from "../form/TextInput.tsx";
import { clothChoice, LAYERS, layerFields, MOST_LAYERS } from "./layupFields.ts";

/** The layers of a layup from the outside in, each with its cloth, its direction round the body and its role. */
export function LayupFields({ shelf }: { shelf: readonly { id: number; name: string }[] }) {
  const layers = useRows(LAYERS);
  const list = useId();
  return (
    <>
      <TextInput name="name" label="Name" required hint="For example: swim front, three layers." />
      <datalist id={list}>
        {shelf.map((cloth) => (
          <option key={cloth.id} value={clothChoice(cloth)} />
        ))}
      </datalist>
      <SortableRows {...layers} what="layer">
        {layers.rows.map((row) => (
          <SortableRow key={row.key} list={layers} row={row} label={`layer ${row.index + 1}`}>
            {(tools) => <LayerRow index={row.index} list={list} {...tools} />}
          </SortableRow>
        ))}
      </SortableRows>
      <FieldError name={LAYERS} />
      {layers.rows.length < MOST_LAYERS ? <AddRow list={layers}>Another layer</AddRow> : null}
      <Box sx={{ mt: 1.5 }}>
        <TextInput name="notes" label="Notes" lines={2} />
      </Box>
    </>
  );
}

function LayerRow({
  index,
  list,
  handle,
  out,
}: {
  index: number;
  /** Id of the names on the shelf. */
  list: string;
  handle: ReactNode;
  out: ReactNode;
}) {
  const names = layerFields(index);
  const cloth = useFieldState(names.cloth);
  return (
    <Box
      role="group"
      aria-label={`Layer ${index + 1}`}
      sx={{
        display: "grid",
        gridTemplateColumns: "auto minmax(0, 1fr) 104px 160px auto",
        gap: 1,
        mb: 1.5,
        alignItems: "start",
      }}
    >
      <Box sx={{ pt: 0.75 }}>{handle}</Box>
      <TextField
        id={`field-${names.cloth}`}
        name={names.cloth}
        label={`${index + 1}. cloth${index === 0 ? ", outermost" : ""}`}
        defaultValue={cloth.value}
        error={cloth.error !== undefined}
        helperText={cloth.error}
        autoComplete="off"
        slotProps={{ htmlInput: { list } }}
      />
      <PickInput name={names.direction} label={`${index + 1}. direction`} choices={DIRECTIONS} first="across" />
      <PickInput
        name={names.role}
        label={`${index + 1}. role`}
        choices={LAYER_ROLES.map((value) => ({ value, label: LAYER_ROLE_NAMES[value] }))}
        first={LAYER_ROLES[index] ?? "lining"}
      />
      <Box sx={{ pt: 0.75 }}>{out}</Box>
    </Box>
  );
}
