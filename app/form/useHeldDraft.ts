import { useEffect, useState } from "react";
import { heldDrafts } from "./heldDrafts.ts";
import type { Fields } from "./unsaved.ts";

/**
 * What this browser holds of a half-filled form that the server has not heard of; null where that is nothing.
 * @param under true while something is being saved: looked at again after it, a form that was handed in is half-filled no longer.
 */
export function useHeldDraft(draftForm: string | null, under: boolean): Fields | null {
  const [held, setHeld] = useState<Fields | null>(null);
  useEffect(() => {
    let asked = true;
    if (draftForm === null || under) return;
    heldDrafts.find(draftForm).then(
      (fields) => asked && setHeld(fields),
      () => undefined,
    );
    return () => {
      asked = false;
    };
  }, [draftForm, under]);
  return held;
}
