import { describe, expect, it } from "vitest";
import { rememberInchStep, rememberUnit, shownLengths } from "../../frame/preferences/preferences.ts";
import { download, fileName } from "./download.ts";
import { eventStream, type ServerEvent } from "./eventStream.ts";

describe("a file to be kept", () => {
  it.each([
    ["Sheets Ilva Thornbeck", "csv", "sheets-ilva-thornbeck.csv"],
    ["Form Zwölf", "pdf", "form-zwo-lf.pdf"],
    ['"; rm -rf /', "json", "rm-rf.json"],
    ["…", "csv", "stenz.csv"],
    ["x".repeat(200), "csv", `${"x".repeat(60)}.csv`],
  ])("of %s is named harmlessly", (words, ending, name) => expect(fileName(words, ending)).toBe(name));

  it("is sent as an attachment that nobody keeps on the way", async () => {
    const response = download("a,b", "two letters", "csv");
    expect(response.headers.get("Content-Disposition")).toBe('attachment; filename="two-letters.csv"');
    expect(response.headers.get("Cache-Control")).toBe("no-store");
    expect(await response.text()).toBe("a,b");
  });
});

describe("events as they come", () => {
  async function* three(): AsyncGenerator<ServerEvent> {
    yield { id: 4, data: "{}" };
    yield { event: "done", data: "over" };
  }

  it("are written one by one, uncompressed", async () => {
    const response = eventStream(three, new Request("http://127.0.0.1/"));
    expect(response.headers.get("Cache-Control")).toContain("no-transform");
    expect(await response.text()).toBe("id: 4\ndata: {}\n\nevent: done\ndata: over\n\n");
  });

  it("stop when the browser goes away", async () => {
    let stopped: AbortSignal | null = null;
    async function* endless(signal: AbortSignal): AsyncGenerator<ServerEvent> {
      stopped = signal;
      while (!signal.aborted) yield { data: "again" };
    }
    const reader = eventStream(endless, new Request("http://127.0.0.1/")).body?.getReader();
    await reader?.read();
    await reader?.cancel();
    expect((stopped as AbortSignal | null)?.aborted).toBe(true);
  });
});

describe("how lengths are shown", () => {
  const asked = (cookie?: string) =>
    shownLengths(new Request("http://127.0.0.1/", cookie ? { headers: { Cookie: cookie } } : {}));

  it("is centimetres, and eighths of an inch, until it was chosen otherwise", async () => {
    expect(await asked()).toEqual({ unit: "cm", inchStep: 8 });
    expect(await asked("a=b; stenz_unit=%7B; stenz_inch_step=99")).toEqual({ unit: "cm", inchStep: 8 });
  });

  it("is remembered by cookies that are read again", async () => {
    const headers = [await rememberUnit("in"), await rememberInchStep(16)];
    const cookie = headers.map((header) => header.split(";")[0]).join("; ");
    expect(await asked(cookie)).toEqual({ unit: "in", inchStep: 16 });
    expect(await rememberUnit("cm")).toMatch(/HttpOnly/);
  });
});
