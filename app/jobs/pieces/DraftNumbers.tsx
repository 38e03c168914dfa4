import { memo, useDeferredValue } from "react";
import type { Reckoned } from "../../../core/calculation/index.ts";
import { NumberList } from "../calculation/NumberList.tsx";

const Listed = memo(NumberList);

/** Every number the pieces are drawn by, folded away; they come in the moment after the drawing that is typed at. */
export function DraftNumbers({ numbers }: { numbers: readonly Reckoned[] }) {
  return (
    <details>
      <summary>Numbers the pieces are drawn by</summary>
      <Listed label="Numbers of the draft" numbers={useDeferredValue(numbers)} />
    </details>
  );
}
