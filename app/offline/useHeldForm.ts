import { useEffect, useState } from "react";

/** Attribute of a form that goes through the queue: it is sent later where it cannot be sent now. */
export const SENT_LATER = "data-sent-later";

/** Buttons that change a form, not send it, are named so by the package that reads forms. */
const CHANGES_FORM = "__intent__";

/**
 * Holds forms back while the server does not answer: handed in, they would be lost with the page they stand in. Those of the queue go
 * their way.
 * @returns true once one was held back.
 */
export function useHeldForm(lost: boolean): boolean {
  const [held, setHeld] = useState(false);
  useEffect(() => {
    if (!lost) return;
    const hold = (event: SubmitEvent) => {
      const form = event.target as HTMLFormElement;
      const { name = "" } = (event.submitter ?? {}) as Partial<HTMLButtonElement>;
      if (form.method !== "post" || form.hasAttribute(SENT_LATER) || name === CHANGES_FORM) return;
      event.preventDefault();
      // Before the router hears of it.
      event.stopImmediatePropagation();
      setHeld(true);
    };
    window.addEventListener("submit", hold, true);
    return () => {
      window.removeEventListener("submit", hold, true);
      setHeld(false);
    };
  }, [lost]);
  return held;
}
