import { redirect } from "react-router";
import { describe, expect, it } from "vitest";
import { askedPieces, keepingPieces } from "./piecesAsked.ts";

const at = (address: string) => new Request(`http://stenz.test${address}`);

describe("which pieces are asked for", () => {
  it("is a prototype, the plan, or nothing in particular", () => {
    const asked = (query: string) => askedPieces(at(`/jobs/8/elastics${query}`));
    expect(["?pieces=2", "?pieces=plan", "", "?pieces=0", "?pieces=two", "?pieces=1.5"].map(asked)).toEqual([
      ...[2, "plan"],
      ...[null, null, null, null],
    ]);
  });

  it("stays in the address a page sends back to, and in no other", async () => {
    const sent = async (from: string, to: string) => {
      const answer = await keepingPieces(async (_: { request: Request }) => redirect(to))({ request: at(from) });
      return answer.headers.get("Location");
    };
    expect(await sent("/jobs/8/layout?pieces=1", "/jobs/8/layout?of=netLayout")).toBe(
      "/jobs/8/layout?of=netLayout&pieces=1",
    );
    expect(await sent("/jobs/8/elastics.data?pieces=plan", "/jobs/8/elastics")).toBe("/jobs/8/elastics?pieces=plan");
    expect(await sent("/jobs/8/layout", "/jobs/8/layout")).toBe("/jobs/8/layout");
    expect(await sent("/jobs/8/parts?pieces=1", "/styles/3")).toBe("/styles/3");
  });

  it("says nothing of an answer that sends nowhere", async () => {
    const answer = { errors: {} };
    expect(await keepingPieces(async (_: { request: Request }) => answer)({ request: at("/a?pieces=1") })).toBe(answer);
  });
});
