import Box from "@mui/material/Box";
import { useState } from "react";
import { CLOTH_KINDS, ELASTIC_KINDS, rollDoubt } from "../../core/cloth/index.ts";
import { ChoiceInput } from "../form/ChoiceInput.tsx";
import type { Echo } from "../form/echo.ts";
import { useFieldState } from "../form/FormState.tsx";
import { TextInput } from "../form/TextInput.tsx";

const KIND_CHOICES = CLOTH_KINDS.map((kind) => ({ value: kind, label: kind }));
const ELASTIC_CHOICES = ELASTIC_KINDS.map((kind) => ({ value: kind, label: kind }));

/** Asks, while it is typed, about a roll that no such cloth lies on. */
const askRoll =
  (kind: string): Echo =>
  (text) => {
    const mm = Number(text.replace(",", "."));
    const known = CLOTH_KINDS.find((one) => one === kind);
    return known && Number.isFinite(mm) && mm > 0 ? rollDoubt(mm, known) : null;
  };

/** The fields of a cloth, or an elastic, as bought. */
export function ClothFields() {
  const start = useFieldState("kind").value;
  const [kind, setKind] = useState(start || "knit");
  const isElastic = kind === "elastic";
  return (
    <>
      <TextInput name="name" label="Name" required hint="As you find it on the shelf." />
      <ChoiceInput name="kind" legend="Kind" choices={KIND_CHOICES} picked={kind} onChange={setKind} />
      {isElastic ? <ChoiceInput name="elasticKind" legend="Kind of elastic" choices={ELASTIC_CHOICES} /> : null}
      <TextInput name="composition" label="Composition" hint="For example 80 % polyamide, 20 % elastane." />
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", columnGap: 2 }}>
        <TextInput
          name="rollWidth"
          label={isElastic ? "Width" : "Width on the roll"}
          hint={isElastic ? "The strip that is tested." : ""}
          numeric
          suffix="mm"
          {...(isElastic ? {} : { echo: askRoll(kind) })}
        />
        <TextInput name="thickness" label="Thickness" numeric suffix="mm" />
        {isElastic ? (
          <TextInput name="finishAllowance" label="Allowance it asks for" numeric suffix="mm" />
        ) : (
          <TextInput name="mass" label="Mass" numeric suffix="g/m²" />
        )}
        <TextInput name="supplier" label="Supplier" />
        <TextInput name="shrinkageAlong" label="Shrinks along" hint="From a washed square." numeric suffix="%" />
        <TextInput name="shrinkageAcross" label="Shrinks across" numeric suffix="%" />
      </Box>
      <TextInput name="notes" label="Notes" lines={2} />
    </>
  );
}
