import { CheckInput } from "../form/CheckInput.tsx";
import { ChoiceInput } from "../form/ChoiceInput.tsx";
import { TextInput } from "../form/TextInput.tsx";

const KINDS = [
  { value: "person", label: "Person" },
  { value: "form", label: "Dress form" },
] as const;

/** The fields of a wearer. */
export function WearerFields({ autoFocus = false }: { autoFocus?: boolean }) {
  return (
    <>
      <TextInput name="name" label="Name" required hint="As you call them at the bench." autoFocus={autoFocus} />
      <ChoiceInput name="kind" legend="What they are" choices={KINDS} />
      <CheckInput name="child">
        A child: firm garments are not for children, cords and ties follow the local code
      </CheckInput>
      <TextInput name="allergies" label="Allergies" hint="Nickel in hooks and wires, latex in elastics, dyes: ask." />
      <TextInput name="notes" label="Notes" lines={3} hint="Likings, what to remember at a fitting." />
    </>
  );
}
