import { ChoiceInput } from "../forms/ChoiceInput.tsx";
import { TextInput } from "../forms/TextInput.tsx";

const KINDS = [
  { value: "person", label: "Person" },
  { value: "form", label: "Dress form" },
] as const;

/** The fields of a wearer. */
export function WearerFields({ autoFocus = false }: { autoFocus?: boolean }) {
  return (
    <>
      <TextInput name="name" label="Name" hint="As you call them at the bench." autoFocus={autoFocus} />
      <ChoiceInput name="kind" legend="What they are" choices={KINDS} />
      <TextInput name="notes" label="Notes" lines={3} hint="Likings, allergies, what to remember at a fitting." />
    </>
  );
}
