import TextField from "@mui/material/TextField";
import { useFieldState } from "./FormState.tsx";
import { FIELD_BELOW } from "./TextInput.tsx";

/** A word, or a word and what it is called. */
type Pick = string | { readonly value: string; readonly label: string };

interface PickInputProps {
  readonly name: string;
  readonly label: string;
  readonly choices: readonly Pick[];
  /** What stands there at first. */
  readonly first: string;
}

const wordsOf = (choice: Pick) => (typeof choice === "string" ? { value: choice, label: choice } : choice);

const option = (choice: Pick) => {
  const { value, label } = wordsOf(choice);
  return (
    <option key={value} value={value}>
      {label}
    </option>
  );
};

/** One of a few words out of a list that folds away, for where radio buttons have no room: the browser's own, so that its choice is kept as it is made. */
export function PickInput({ name, label, choices, first }: PickInputProps) {
  const { value, error } = useFieldState(name);
  return (
    <TextField
      select
      id={`field-${name}`}
      name={name}
      label={label}
      defaultValue={value || first}
      error={error !== undefined}
      helperText={error}
      sx={FIELD_BELOW}
      slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
    >
      {choices.map(option)}
    </TextField>
  );
}

/** Room of a cell beside its words, and for each letter of them, px; no cell is wider. */
const [BESIDE_PX, LETTER_PX, WIDEST_PX] = [50, 7.6, 150];

const cellWidth = (choices: readonly Pick[]): number =>
  Math.min(WIDEST_PX, BESIDE_PX + LETTER_PX * Math.max(...choices.map((choice) => wordsOf(choice).label.length)));

/** The same in a cell of a table, whose heading is its label; the browser's own list, which takes least room. */
export function PickCell({ name, label, choices, first }: PickInputProps) {
  const { value } = useFieldState(name);
  return (
    <TextField
      select
      hiddenLabel
      id={`field-${name}`}
      name={name}
      defaultValue={value || first}
      sx={{ minWidth: cellWidth(choices) }}
      slotProps={{ select: { native: true }, htmlInput: { "aria-label": label } }}
    >
      {choices.map(option)}
    </TextField>
  );
}
