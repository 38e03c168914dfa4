import { memo, useDeferredValue } from "react";
import type { Reckoned } from "../../../core/calculation/index.ts";
import { NumberList } from "../calculation/NumberList.tsx";

const Listed = memo(NumberList);

/** Every number the pieces are drawn by, folded away; they come in the moment after the drawing that is typed at. */
export function DraftNumbers({ numbers }: { numbers: readonly Reckoned[] }) {
  const listed = useDeferredValue(numbers);
  if (numbers.length === 0) return null;
  return (
    <details>
      <summary>Numbers the pieces are drawn by</summary>
      <Listed label="Numbers of the draft" numbers={listed} />
    </details>
  );
}
