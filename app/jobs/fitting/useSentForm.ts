import { useState } from "react";
import { type Fields, textsOf, type Unsaved } from "../../form/unsaved.ts";

/** A form that goes through the queue: what the server would not keep of it, and whether it is on its way. */
export function useSentForm(onSend: (fields: Fields, form: FormData) => Promise<Unsaved | null>, onDone: () => void) {
  const [refused, setRefused] = useState<Unsaved | undefined>(undefined);
  const [sending, setSending] = useState(false);
  const send = async (form: FormData) => {
    setSending(true);
    const wrong = await onSend(textsOf(form), form);
    setSending(false);
    if (!wrong) {
      setRefused(undefined);
      onDone();
      return;
    }
    // The page shows how things stand now: a second try is meant for that, not for what the form was begun on.
    const { version: _begunOn, ...typed } = wrong.fields;
    setRefused({ ...wrong, fields: typed });
  };
  return { refused, sending, onSend: (form: FormData) => void send(form) };
}
