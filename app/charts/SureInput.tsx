import { CheckInput } from "../form/CheckInput.tsx";
import { useFieldState } from "../form/FormState.tsx";

/** Shown once a chart looks as if its columns were changed over: the maker says that they are right. */
export function SureInput() {
  const { error } = useFieldState("sure");
  return error ? <CheckInput name="sure">The columns are right as they are headed</CheckInput> : null;
}
