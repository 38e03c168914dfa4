import { createContext, type ReactNode, useCallback, useContext, useEffect, useMemo, useRef, useState } from "react";
import { useRevalidator } from "react-router";
import { lookForServer, onReached } from "../../offline/connection.ts";
import { onWorkerTold, sendInBackground } from "../../offline/workerLink.ts";
import { tellHeldDrafts } from "../keepDraft.ts";
import type { Fields } from "../unsaved.ts";
import { newKey, type Sending, sendingStore } from "./sendingStore.ts";
import { type Sent, sendOne, sendWaiting } from "./sendWaiting.ts";

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

/** What was answered to a round, by key. */
type Answers = ReadonlyMap<string, Sent>;

/** How long the queue waits before it tries the network again, ms. */
const AGAIN_MS = 4000;

/** Holds the queue and empties it in order whenever the network is there. */
export function SendQueueProvider({ children }: { children: ReactNode }) {
  const [sendings, setSendings] = useState<readonly Sending[]>([]);
  const { revalidate } = useRevalidator();
  const running = useRef<Promise<Answers> | null>(null);
  const flush = useCallback((): Promise<Answers> => {
    const before = running.current;
    // One at a time: a sending handed in while others go out is picked up by the round after them.
    const round = (before ?? Promise.resolve())
      .catch(() => undefined)
      .then(async () => {
        const { answers, waiting } = await sendWaiting();
        setSendings(await sendingStore.all());
        if (answers.size > 0) await revalidate();
        if (waiting) lookForServer();
        return answers;
      });
    running.current = round;
    return round;
  }, [revalidate]);
  useEffect(() => {
    // A browser that keeps nothing has nothing to send.
    const tryNow = () => {
      void flush().catch(() => undefined);
      void tellHeldDrafts().then((any) => (any ? revalidate() : undefined));
    };
    tryNow();
    const noLonger = onReached(tryNow);
    window.addEventListener("online", tryNow);
    return () => {
      noLonger();
      window.removeEventListener("online", tryNow);
    };
  }, [flush, revalidate]);
  useEffect(
    () =>
      onWorkerTold(({ told }) => {
        if (told === "sent") void sendingStore.all().then(setSendings).then(revalidate);
      }),
    [revalidate],
  );
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
        sendInBackground();
        const sent = (await flush()).get(key) ?? (await sentElsewhere(key));
        if (sent.state === "refused") await forget(key);
        return sent;
      },
      drop: ({ key }) => forget(key),
    }),
    [sendings, flush, forget, revalidate],
  );
  return <QueueContext.Provider value={queue}>{children}</QueueContext.Provider>;
}

/** What became of a sending that another window, or the service worker, took out of the queue. */
async function sentElsewhere(key: string): Promise<Sent> {
  const sending = (await sendingStore.all()).find((one) => one.key === key);
  if (!sending) return { state: "kept" };
  return sending.refused === null ? { state: "waiting" } : { state: "refused", errors: sending.refused };
}

/** Where the browser keeps nothing (a private window of some), a form goes out at once or not at all. */
async function sendAtOnce(sending: Sending, revalidate: () => Promise<void>): Promise<Sent> {
  const sent = await sendOne(sending);
  if (sent.state === "kept") await revalidate();
  return sent.state === "waiting" ? { state: "refused", errors: { form: NOTHING_KEPT } } : sent;
}

const NOTHING_KEPT =
  "Stenz does not answer, and this browser keeps nothing for later. What you typed is still here: try again.";
