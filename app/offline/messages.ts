/** What a page asks of the service worker. */
export type ToWorker =
  /** To keep the page it shows. */
  | { readonly ask: "keep"; readonly address: string }
  /** How it was answered itself. */
  | { readonly ask: "answered" };

/** What the service worker tells a page. */
export type FromWorker =
  /** The server did not answer; what was kept came instead, made then (ISO), where anything was. */
  | { readonly told: "kept"; readonly madeAt: string | null }
  /** What waited was sent, or refused. */
  | { readonly told: "sent" };

/** Tag under which the browser wakes the service worker once there is a network, to send what waits. */
export const SEND = "stenz-send";
