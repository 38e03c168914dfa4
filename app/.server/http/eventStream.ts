/** One server-sent event. */
export interface ServerEvent {
  /** Tells the browser where to go on after a broken connection. */
  readonly id?: number;
  readonly event?: string;
  readonly data: string;
}

const written = ({ id, event, data }: ServerEvent): string =>
  `${id === undefined ? "" : `id: ${id}\n`}${event ? `event: ${event}\n` : ""}data: ${data}\n\n`;

/** Answers a request with events as they come, until the source ends or the browser goes away. */
export function eventStream(source: (signal: AbortSignal) => AsyncIterable<ServerEvent>, request: Request): Response {
  const stopped = new AbortController();
  request.signal.addEventListener("abort", () => stopped.abort(), { once: true });
  const events = source(stopped.signal)[Symbol.asyncIterator]();
  const encoder = new TextEncoder();
  const body = new ReadableStream<Uint8Array>({
    async pull(controller) {
      const { done, value } = await events.next();
      if (done) controller.close();
      else controller.enqueue(encoder.encode(written(value)));
    },
    cancel: () => stopped.abort(),
  });
  // no-transform: compressing would hold readings back.
  return new Response(body, {
    headers: { "Content-Type": "text/event-stream", "Cache-Control": "no-cache, no-transform" },
  });
}
