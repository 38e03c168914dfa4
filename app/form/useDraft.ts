import { useEffect, useMemo, useRef } from "react";
import { heldDrafts } from "./heldDrafts.ts";
import { keepDraft } from "./keepDraft.ts";
import { textsOf } from "./unsaved.ts";

/** Pause after the last key before a draft is sent, ms. */
const PAUSE_MS = 250;

/** What a form tells of its typing, so that it is kept. */
interface DraftKeeper {
  readonly onInput: (element: HTMLFormElement) => void;
  /** Stops what has not gone out yet. @returns what is under way: handed in before it, the form would be half-filled again. */
  readonly onSubmit: () => Promise<void> | null;
}

/**
 * Keeps a half-filled form on the server while it is typed, under the form's name; nothing without one. What was not sent yet goes out when
 * the page is left; a submit stops it, since the action drops the draft.
 */
export function useDraft(form: string | null): DraftKeeper {
  const pending = useRef<{ timer: ReturnType<typeof setTimeout>; send: () => void } | null>(null);
  const underway = useRef<Promise<void> | null>(null);
  useEffect(() => {
    const flush = () => pending.current?.send();
    // Before a reload asks for the page anew, or the answer would not know yet what was typed last; and when the page
    // goes, for whatever leaves without asking.
    const leaving = ["beforeunload", "pagehide"] as const;
    for (const event of leaving) window.addEventListener(event, flush);
    return () => {
      for (const event of leaving) window.removeEventListener(event, flush);
      flush();
    };
  }, []);
  return useMemo(
    () => ({
      onInput(element) {
        if (form === null) return;
        if (pending.current) clearTimeout(pending.current.timer);
        const fields = textsOf(new FormData(element));
        const send = () => {
          pending.current = null;
          const sent = keepDraft(form, fields).finally(() => {
            if (underway.current === sent) underway.current = null;
          });
          underway.current = sent;
        };
        pending.current = { timer: setTimeout(send, PAUSE_MS), send };
      },
      onSubmit() {
        if (pending.current) clearTimeout(pending.current.timer);
        pending.current = null;
        if (form !== null) void heldDrafts.drop(form).catch(() => undefined);
        return underway.current;
      },
    }),
    [form],
  );
}
