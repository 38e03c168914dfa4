import { useEffect, useRef } from "react";
import { useLocation, useNavigation } from "react-router";

/** Where the work goes on, the first of these that there is: a field in error, what is marked as next, the heading. */
const NEXT = ["[aria-invalid=true]", "[data-next]", "main h1"];

/**
 * Puts the focus where the work goes on, once a page has come or an action is done and what had the focus is gone: a
 * keyboard would otherwise begin again at the top of the page.
 */
export function useFocusOn(): void {
  const { key, hash } = useLocation();
  const { state } = useNavigation();
  const first = useRef(true);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another key is another page, or the same after an action.
  useEffect(() => {
    if (state !== "idle") return;
    // The browser itself has put the focus on the first page that is opened.
    if (first.current) {
      first.current = false;
      return;
    }
    if (hash !== "") return;
    const lost = document.activeElement === null || document.activeElement === document.body;
    if (!lost) return;
    for (const selector of NEXT) {
      const element = document.querySelector<HTMLElement>(selector);
      if (!element?.checkVisibility()) continue;
      element.focus({ preventScroll: true });
      return;
    }
  }, [key, state, hash]);
}
