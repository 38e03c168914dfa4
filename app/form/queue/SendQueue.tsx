import { createContext, type ReactNode, useCallback, useContext, useEffect, useMemo, useRef, useState } from "react";
import { useRevalidator } from "react-router";
import type { FieldErrors } from "../../../formats/validation.ts";
import type { Fields } from "../unsaved.ts";
import { newKey, type Sending, sendingStore } from "./sendingStore.ts";

/** What became of a form that was handed in: kept by the server, waiting for the network, or refused. */
export type Sent =
  | { readonly state: "kept" }
  /** What it belongs to was erased: the queue holds no trace of it either. */
  | { readonly state: "gone" }
  | { readonly state: "waiting" }
  | { readonly state: "refused"; readonly errors: FieldErrors };

/** The queue as pages see it. */
export interface SendQueue {
  /** In order; those refused are among them. */
  readonly sendings: readonly Sending[];
  /**
   * Hands a form in. It is on the disk of this browser before anything goes out. Refused at once it does not wait in the
   * queue: its form is still open and shows what is wrong.
   */
  send(form: {
    readonly address: string;
    readonly fields: Fields;
    readonly photo: Blob | null;
    readonly told: string;
  }): Promise<Sent>;
  /** Gives a refused sending up, after its form was opened again. */
  drop(sending: Sending): Promise<void>;
}

const QueueContext = createContext<SendQueue>({
  sendings: [],
  send: async () => ({ state: "waiting" }),
  drop: async () => undefined,
});

/** The queue of this browser. */
export const useSendQueue = (): SendQueue => useContext(QueueContext);

/** How long the queue waits before it tries the network again, ms. */
const AGAIN_MS = 4000;

/** Holds the queue and empties it in order whenever the network is there. */
export function SendQueueProvider({ children }: { children: ReactNode }) {
  const [sendings, setSendings] = useState<readonly Sending[]>([]);
  const { revalidate } = useRevalidator();
  const running = useRef<Promise<Map<string, Sent>> | null>(null);
  const flush = useCallback((): Promise<Map<string, Sent>> => {
    const before = running.current;
    // One at a time: a sending handed in while others go out is picked up by the round after them.
    const round = (before ?? Promise.resolve())
      .catch(() => undefined)
      .then(async () => {
        const answers = await sendAll();
        setSendings(await sendingStore.all());
        if (answers.size > 0) await revalidate();
        return answers;
      });
    running.current = round;
    return round;
  }, [revalidate]);
  useEffect(() => {
    // A browser that keeps nothing has nothing to send.
    const tryNow = () => void flush().catch(() => undefined);
    tryNow();
    window.addEventListener("online", tryNow);
    return () => window.removeEventListener("online", tryNow);
  }, [flush]);
  const waiting = sendings.some(({ refused }) => refused === null);
  useEffect(() => {
    if (!waiting) return;
    const again = setInterval(() => void flush().catch(() => undefined), AGAIN_MS);
    return () => clearInterval(again);
  }, [waiting, flush]);
  const forget = useCallback(async (key: string) => {
    await sendingStore.drop(key);
    setSendings(await sendingStore.all());
  }, []);
  const queue = useMemo<SendQueue>(
    () => ({
      sendings,
      async send(form) {
        const sending = { ...form, key: newKey(), refused: null };
        const { key } = sending;
        try {
          await sendingStore.add(sending);
        } catch {
          return sendAtOnce(sending, revalidate);
        }
        setSendings(await sendingStore.all());
        const sent = (await flush()).get(key) ?? { state: "waiting" };
        if (sent.state === "refused") await forget(key);
        return sent;
      },
      drop: ({ key }) => forget(key),
    }),
    [sendings, flush, forget, revalidate],
  );
  return <QueueContext.Provider value={queue}>{children}</QueueContext.Provider>;
}

/** Sends what waits, in order, until the network fails. What was answered, by key. */
async function sendAll(): Promise<Map<string, Sent>> {
  const answers = new Map<string, Sent>();
  for (const sending of await sendingStore.all()) {
    if (sending.refused !== null) continue;
    const sent = await sendOne(sending);
    if (sent.state === "waiting") break;
    answers.set(sending.key, sent);
    if (sent.state === "refused") await sendingStore.put({ ...sending, refused: sent.errors });
    else await sendingStore.drop(sending.key);
  }
  return answers;
}

/** Where the browser keeps nothing (a private window of some), a form goes out at once or not at all. */
async function sendAtOnce(sending: Sending, revalidate: () => Promise<void>): Promise<Sent> {
  const sent = await sendOne(sending);
  if (sent.state === "kept") await revalidate();
  return sent.state === "waiting" ? { state: "refused", errors: { form: NOTHING_KEPT } } : sent;
}

const NOTHING_KEPT =
  "Stenz does not answer, and this browser keeps nothing for later. What you typed is still here: try again.";

async function sendOne({ key, address, fields, photo }: Sending): Promise<Sent> {
  const body = new FormData();
  for (const [name, text] of Object.entries(fields)) body.set(name, text);
  body.set("key", key);
  if (photo) body.set("photo", photo);
  try {
    const response = await fetch(address, { method: "POST", body });
    if (response.ok) return { state: "kept" };
    if (response.status === 410) return { state: "gone" };
    // A server that fails or is being started anew has kept nothing, nor has one this device has to sign in to again: it is tried again.
    if (response.status >= 500 || response.status === 401 || response.status === 429) return { state: "waiting" };
    const told: unknown = await response.json().catch(() => null);
    const errors = (told as { errors?: FieldErrors } | null)?.errors;
    return { state: "refused", errors: errors ?? { form: "The server would not keep it." } };
  } catch {
    return { state: "waiting" };
  }
}
