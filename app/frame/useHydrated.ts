import { useSyncExternalStore } from "react";

const never = () => () => undefined;

/** Whether the page's script runs here: false on the server and on the first pass in the browser, true ever after. */
export function useHydrated(): boolean {
  return useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
}
