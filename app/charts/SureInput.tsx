import { CheckInput } from "../form/CheckInput.tsx";
import { useFieldState } from "../form/FormState.tsx";

/** Shown once a chart looks as if its columns were changed over, or a digit were: the maker says that it is right. */
export function SureInput() {
  const { error } = useFieldState("sure");
  return error ? <CheckInput name="sure">It is right as it stands</CheckInput> : null;
}
