import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useContext, useId, useState } from "react";
import { DIRECTIONS, LAYER_ROLES } from "../../core/cloth/index.ts";
import { FormState } from "../form/FormState.tsx";
import { TextInput } from "../form/TextInput.tsx";
import { clothChoice, layerFields, MOST_LAYERS } from "./layupFields.ts";

/** The layers of a layup from the outside in, each with its cloth, its direction round the body and its role. */
export function LayupFields({ shelf }: { shelf: readonly { id: number; name: string }[] }) {
  const { values, errors } = useContext(FormState);
  const filled = Array.from({ length: MOST_LAYERS }, (_, index) => index + 1).filter(
    (layer) => values[layerFields(layer).cloth],
  ).length;
  const [rows, setRows] = useState(Math.max(2, filled));
  const list = useId();
  return (
    <>
      <TextInput name="name" label="Name" required hint="For example: swim front, three layers." />
      <datalist id={list}>
        {shelf.map((cloth) => (
          <option key={cloth.id} value={clothChoice(cloth)} />
        ))}
      </datalist>
      {Array.from({ length: rows }, (_, index) => {
        const names = layerFields(index + 1);
        return (
          <Box
            key={names.cloth}
            role="group"
            aria-label={`Layer ${index + 1}`}
            sx={{ display: "grid", gridTemplateColumns: "1.6fr 1fr 1fr", gap: 1, mb: 1 }}
          >
            <TextField
              id={`field-${names.cloth}`}
              name={names.cloth}
              label={`${index + 1}. cloth${index === 0 ? ", outermost" : ""}`}
              defaultValue={values[names.cloth] ?? ""}
              error={errors[names.cloth] !== undefined}
              helperText={errors[names.cloth]}
              autoComplete="off"
              slotProps={{ htmlInput: { list } }}
            />
            <TextField
              select
              id={`field-${names.direction}`}
              name={names.direction}
              label={`${index + 1}. round the body`}
              defaultValue={values[names.direction] || "across"}
            >
              {DIRECTIONS.map((direction) => (
                <MenuItem key={direction} value={direction}>
                  {direction}
                </MenuItem>
              ))}
            </TextField>
            <TextField
              select
              id={`field-${names.role}`}
              name={names.role}
              label={`${index + 1}. role`}
              defaultValue={values[names.role] || (LAYER_ROLES[index] ?? "lining")}
            >
              {LAYER_ROLES.map((role) => (
                <MenuItem key={role} value={role}>
                  {role}
                </MenuItem>
              ))}
            </TextField>
          </Box>
        );
      })}
      {rows < MOST_LAYERS ? <Button onClick={() => setRows(rows + 1)}>Another layer</Button> : null}
      <Box sx={{ mt: 1.5 }}>
        <TextInput name="notes" label="Notes" lines={2} />
      </Box>
    </>
  );
}
