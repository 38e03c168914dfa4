import type { FieldErrors } from "../../../formats/validation.ts";
import { type Sending, sendingStore } from "./sendingStore.ts";

/** What became of a form that was handed in: kept by the server, waiting for the network, or refused. */
export type Sent =
  | { readonly state: "kept" }
  /** What it belongs to was erased: the queue holds no trace of it either. */
  | { readonly state: "gone" }
  | { readonly state: "waiting" }
  | { readonly state: "refused"; readonly errors: FieldErrors };

/** How a round of sending went. */
export interface SentRound {
  /** What was answered, by key. */
  readonly answers: ReadonlyMap<string, Sent>;
  /** True where something waits still. */
  readonly waiting: boolean;
}

/**
 * Sends what waits, in order, until the network fails. One round at a time in this browser, whichever window or service worker began it:
 * two would send the same forms, each in an order of its own.
 */
export const sendWaiting = (): Promise<SentRound> =>
  // Missing where the page came by an address that is not safe; there is no service worker then either.
  globalThis.navigator?.locks ? navigator.locks.request("stenz-send", sendRound) : sendRound();

async function sendRound(): Promise<SentRound> {
  const answers = new Map<string, Sent>();
  for (const sending of await sendingStore.all()) {
    if (sending.refused !== null) continue;
    const sent = await sendOne(sending);
    if (sent.state === "waiting") return { answers, waiting: true };
    answers.set(sending.key, sent);
    if (sent.state === "refused") await sendingStore.put({ ...sending, refused: sent.errors });
    else await sendingStore.drop(sending.key);
  }
  return { answers, waiting: false };
}

/** How long one form, with its photo, may be on its way, ms. */
const PATIENCE_MS = 120_000;

/** Sends one form, and says what became of it. */
export async function sendOne({ key, address, fields, photo }: Sending): Promise<Sent> {
  const body = new FormData();
  for (const [name, text] of Object.entries(fields)) body.set(name, text);
  body.set("key", key);
  if (photo) body.set("photo", photo);
  try {
    // Sent again it is kept once: a server that hangs holds up nobody.
    const response = await fetch(address, { method: "POST", body, signal: AbortSignal.timeout(PATIENCE_MS) });
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
