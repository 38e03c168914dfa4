import { cleanup } from "@testing-library/react";
import { afterEach, beforeEach, vi } from "vitest";

/** Takes the place of the server for half-filled forms. @returns drafts as they were sent, the last one last: none when a test begins. */
export function sentDrafts(): Record<string, string>[] {
  const drafts: Record<string, string>[] = [];
  beforeEach(() => {
    drafts.length = 0;
    vi.stubGlobal("fetch", async (_: string, { body }: { body: URLSearchParams }) => {
      drafts.push(Object.fromEntries(body));
      return new Response();
    });
  });
  afterEach(() => {
    // A form that goes sends what it has not sent yet.
    cleanup();
    vi.unstubAllGlobals();
  });
  return drafts;
}
