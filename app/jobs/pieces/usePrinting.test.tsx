import { act, renderHook } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { PAGES_HEADER } from "../../pieces/printPages.ts";
import { fetchPrint } from "./fetchPrint.ts";
import { usePrinting } from "./usePrinting.ts";

afterEach(() => vi.unstubAllGlobals());

/** A print that arrives in these parts. */
function answering(parts: readonly string[], init: ResponseInit = {}) {
  const body = new ReadableStream({
    start(stream) {
      for (const part of parts) stream.enqueue(new TextEncoder().encode(part));
      stream.close();
    },
  });
  const headers = { [PAGES_HEADER]: "3", "Content-Disposition": 'attachment; filename="brief.pdf"' };
  vi.stubGlobal("fetch", async () => new Response(body, { headers, ...init }));
}

async function printed(parts: readonly string[], init: ResponseInit = {}) {
  answering(parts, init);
  const given: string[] = [];
  const click = vi.spyOn(HTMLAnchorElement.prototype, "click").mockImplementation(function (this: HTMLAnchorElement) {
    given.push(this.download);
  });
  const { result } = renderHook(() => usePrinting());
  await act(() => result.current.print("/jobs/1/pieces/briefPieces/pdf"));
  click.mockRestore();
  return { given, last: result.current.printing };
}

describe("a print that is fetched", () => {
  it("is given as a file under its name", async () => {
    const { given, last } = await printed(["%PDF\n/Type /Page\n"]);
    expect(given).toEqual(["brief.pdf"]);
    expect(last).toEqual({ at: "rest" });
  });

  it("says how far it is after each part", async () => {
    answering(["%PDF\n/Type /Page\n", "x /Type /Pa", "ge\n /Type /Pages\n", "/Type /Page\n"]);
    const told: (readonly [number, number | null])[] = [];
    const { name } = await fetchPrint("/pdf", new AbortController().signal, (done, all) => told.push([done, all]));
    expect(told).toEqual([
      [1, 3],
      [1, 3],
      [2, 3],
      [3, 3],
    ]);
    expect(name).toBe("brief.pdf");
  });

  it("that is refused says so, and gives nothing", async () => {
    const { given, last } = await printed([], { status: 404 });
    expect(given).toEqual([]);
    expect(last).toMatchObject({ at: "failed", sentence: expect.stringContaining("print it again") });
  });
});
