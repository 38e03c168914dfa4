import { act, cleanup, renderHook, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { useGaugeStream } from "./useGaugeStream.ts";

/** A stream of the test's own in place of the browser's. */
class Stream extends EventTarget {
  static opened: Stream[] = [];
  onmessage: ((event: { data: string }) => void) | null = null;
  onerror: (() => void) | null = null;
  closed = false;
  constructor(readonly address: string) {
    super();
    Stream.opened.push(this);
  }
  close(): void {
    this.closed = true;
  }
  line(text: string): void {
    this.onmessage?.({ data: text });
  }
}

beforeEach(() => {
  Stream.opened = [];
  vi.stubGlobal("EventSource", Stream);
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const READING = '{"t":0.1,"n":1.5,"mm":112}';

function begin() {
  const hook = renderHook(() => useGaugeStream());
  act(() => hook.result.current.start("/gauge/stream?cloth=knit"));
  const [stream] = Stream.opened;
  if (!stream) throw new Error("Expected a stream.");
  return { stream, now: () => hook.result.current, ...hook };
}

describe("a gauge that is read", () => {
  it("shows its readings as they come, and passes over what is none", async () => {
    const { stream, now } = begin();
    expect(now().state).toBe("streaming");
    act(() => {
      stream.line(READING);
      stream.line("E01 overload");
      stream.line('{"t":0.2,"n":1.6,"mm":113}');
    });
    await waitFor(() => expect(now().readings.map(({ n }) => n)).toEqual([1.5, 1.6]));
  });

  it("has all its readings at once when the load was held, and closes the stream", () => {
    const { stream, now } = begin();
    act(() => {
      stream.line(READING);
      stream.dispatchEvent(new Event("done"));
    });
    expect(now()).toMatchObject({ state: "done", readings: [{ n: 1.5 }] });
    expect(stream.closed).toBe(true);
  });

  it("that is lost goes on where it broke off: the browser takes it up again, nothing read is dropped", () => {
    const { stream, now } = begin();
    act(() => {
      stream.line(READING);
      stream.onerror?.();
    });
    expect(now().state).toBe("lost");
    expect(stream.closed).toBe(false);
    act(() => {
      stream.line('{"t":0.2,"n":1.6,"mm":113}');
      stream.dispatchEvent(new Event("done"));
    });
    expect(now()).toMatchObject({ state: "done", readings: [{ n: 1.5 }, { n: 1.6 }] });
  });

  it("that does not answer says why, and is not asked again", () => {
    const { stream, now } = begin();
    const refused = Object.assign(new Event("refused"), { data: '{"message":"The gauge is silent."}' });
    act(() => void stream.dispatchEvent(refused));
    expect(now()).toMatchObject({ state: "refused", message: "The gauge is silent." });
    expect(stream.closed).toBe(true);
  });

  it("begins anew with each load, and is let go with the page", () => {
    const { stream, now, unmount } = begin();
    act(() => stream.line(READING));
    act(() => now().start("/gauge/stream?cloth=net"));
    expect(stream.closed).toBe(true);
    expect(now()).toMatchObject({ state: "streaming", readings: [] });
    unmount();
    expect(Stream.opened[1]).toMatchObject({ address: "/gauge/stream?cloth=net", closed: true });
  });
});
