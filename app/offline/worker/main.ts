/// <reference lib="webworker" />
import type { PrecacheEntry } from "workbox-precaching";
import { registerRoute } from "workbox-routing";
import { sendWaiting } from "../../form/queue/sendWaiting.ts";
import { WITHOUT_NETWORK } from "../keptPages.ts";
import { type FromWorker, SEND, type ToWorker } from "../messages.ts";
import { keptPagesOf } from "./pages.ts";
import { shellOf } from "./shell.ts";

declare const self: ServiceWorkerGlobalScope;

/** The mark of the build this came with; put in by `scripts/serviceWorker.mjs`, as the list of its files is. */
declare const __STENZ_BUILD__: string;
declare const __STENZ_FILES__: PrecacheEntry[];

/** How pages that are being opened were answered from what is kept, until they ask. */
const answered = new Map<string, FromWorker>();

const shell = shellOf(__STENZ_BUILD__, __STENZ_FILES__);
const pages = keptPagesOf({
  onKept({ id, opening }, madeAt) {
    const told: FromWorker = { told: "kept", madeAt };
    // A page that is being opened does not listen yet: it asks once it does.
    if (opening) answered.set(id, told);
    else void self.clients.get(id).then((client) => client?.postMessage(told));
  },
});

registerRoute(
  ({ sameOrigin, url }) => sameOrigin && shell.holds(url.pathname),
  ({ request }) => shell.file(request),
);
registerRoute(
  ({ sameOrigin, url }) => sameOrigin && url.pathname === WITHOUT_NETWORK,
  () => shell.withoutNetwork(),
);
registerRoute(
  ({ sameOrigin, request, url }) => sameOrigin && pages.isOne(request, url),
  ({ request, event }) => pages.answer(request, event),
);

self.addEventListener("install", (event) => {
  event.waitUntil(shell.install(event).then(() => self.skipWaiting()));
});

self.addEventListener("activate", (event) => {
  event.waitUntil(shell.activate(event).then(() => self.clients.claim()));
});

self.addEventListener("message", (event) => {
  const message = event.data as ToWorker;
  if (message.ask === "keep") return event.waitUntil(pages.keep(message.address, event));
  const client = event.source as WindowClient | null;
  const told = client && answered.get(client.id);
  if (told) client.postMessage(told);
  if (client) answered.delete(client.id);
});

self.addEventListener("sync", (event) => {
  const { tag } = event as ExtendableEvent & { readonly tag: string };
  if (tag === SEND) (event as ExtendableEvent).waitUntil(sendInBackground());
});

/** Sends what waits while no page may be open. @throws while some of it could not be sent: the browser tries again later. */
async function sendInBackground(): Promise<void> {
  const { answers, waiting } = await sendWaiting();
  if (answers.size > 0) {
    const told: FromWorker = { told: "sent" };
    for (const client of await self.clients.matchAll({ type: "window" })) client.postMessage(told);
  }
  if (waiting) throw new Error("Stenz does not answer yet.");
}
