import { CLOTH_KINDS } from "../../../core/cloth/cloth.ts";
import { ChoiceInput } from "../forms/ChoiceInput.tsx";
import { TextInput } from "../forms/TextInput.tsx";

const KIND_CHOICES = CLOTH_KINDS.map((kind) => ({ value: kind, label: kind }));

/** The fields of a cloth as bought. */
export function ClothFields() {
  return (
    <>
      <TextInput name="name" label="Name" hint="As you find it on the shelf." />
      <ChoiceInput name="kind" legend="Kind" choices={KIND_CHOICES} />
      <TextInput name="composition" label="Composition" hint="For example 80 % polyamide, 20 % elastane." />
      <TextInput name="notes" label="Notes" lines={3} />
    </>
  );
}
