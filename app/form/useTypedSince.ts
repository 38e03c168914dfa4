import { useEffect, useMemo, useRef } from "react";
import { type Fields, textsOf } from "./unsaved.ts";

/** What a form tells of its typing, so that an answer never takes what was typed while it was on its way. */
interface SinceKeeper {
  readonly onInput: (element: HTMLFormElement) => void;
  readonly onSent: (element: HTMLFormElement) => void;
  /** @returns the fields that were typed otherwise since the form was handed in; none where it was not. */
  readonly since: () => Fields;
}

/**
 * Remembers what is typed into a form between handing it in and the answer: the answer comes to what was sent, and the
 * form that is drawn from it keeps what was typed since.
 *
 * @param under true while anything is being saved: afterwards there is no “since” any more.
 */
export function useTypedSince(under: boolean): SinceKeeper {
  const sent = useRef<Fields | null>(null);
  const now = useRef<Fields>({});
  useEffect(() => {
    if (!under) sent.current = null;
  }, [under]);
  return useMemo(
    () => ({
      onInput(element) {
        now.current = textsOf(new FormData(element));
      },
      onSent(element) {
        now.current = textsOf(new FormData(element));
        sent.current = now.current;
      },
      since() {
        const before = sent.current;
        return before === null
          ? {}
          : Object.fromEntries(Object.entries(now.current).filter(([name, text]) => before[name] !== text));
      },
    }),
    [],
  );
}
