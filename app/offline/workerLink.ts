import { type FromWorker, SEND, type ToWorker } from "./messages.ts";

/** The service workers of this browser; none where the page came by an address that is not safe. */
const workers = (): ServiceWorkerContainer | undefined =>
  typeof navigator === "undefined" ? undefined : navigator.serviceWorker;

/** Asks the service worker that looks after this page; nothing where none does. */
export const askWorker = (message: ToWorker): void => workers()?.controller?.postMessage(message);

/** Listens to the service worker. @returns what ends it. */
export function onWorkerTold(hear: (message: FromWorker) => void): () => void {
  const heard = ({ data }: MessageEvent) => hear(data as FromWorker);
  workers()?.addEventListener("message", heard);
  return () => workers()?.removeEventListener("message", heard);
}

/** Has the browser send what waits once there is a network, even when no page is open; pages do it themselves where it cannot. */
export function sendInBackground(): void {
  type Synced = ServiceWorkerRegistration & { readonly sync?: { register(tag: string): Promise<void> } };
  if (!workers()?.controller) return;
  void workers()
    ?.ready.then((registration) => (registration as Synced).sync?.register(SEND))
    .catch(() => undefined);
}

/** Where the service worker stands; it comes with the build. */
const WORKER = "/service-worker.js";

/** Who began to look after this page. */
interface TakenOver {
  /** A service worker, after a page that came without one. */
  readonly onFirst: () => void;
  /** That of a newer build: this page was made by an older one. */
  readonly onNewer: () => void;
  /** None: the browser does not take the address for safe. */
  readonly onNone: () => void;
}

/** Has the browser keep this application, and looks for a newer one whenever the page is come back to. @returns what ends it. */
export function keepApplication({ onFirst, onNewer, onNone }: TakenOver): () => void {
  const container = workers();
  if (!import.meta.env.PROD) return () => undefined;
  if (!container) {
    onNone();
    return () => undefined;
  }
  let had = container.controller !== null;
  const changed = () => {
    if (had) onNewer();
    else onFirst();
    had = true;
  };
  const look = () => {
    if (document.visibilityState === "visible")
      void container.ready.then((registration) => registration.update()).catch(() => undefined);
  };
  container.addEventListener("controllerchange", changed);
  document.addEventListener("visibilitychange", look);
  // A certificate the browser was only told to overlook is not enough for it: then pages are not kept, and all else works.
  void container.register(WORKER).catch(onNone);
  return () => {
    container.removeEventListener("controllerchange", changed);
    document.removeEventListener("visibilitychange", look);
  };
}
