import { describe, expect, it } from "vitest";
import { asCut, type drawBy, pieceOf } from "../../core/drafting/index.ts";
import { BRIEF_FACTS, braFacts, sampleDraft } from "../../core/testing/index.ts";
import { nameRoom } from "./nameRoom.ts";

const rooms = (recipe: string, facts: Parameters<typeof drawBy>[1]) =>
  Object.fromEntries(sampleDraft(recipe, facts).pieces.map((piece) => [piece.id, nameRoom(asCut(piece))]));

describe("the room for a name", () => {
  it("of a hollow piece lies on its cloth, not in its hollow", () => {
    const draft = sampleDraft("wiredBra", braFacts());
    const cradle = asCut(pieceOf(draft, "cradle"));
    const { at, alongMm, acrossMm } = nameRoom(cradle);
    const channel = cradle.edges.find(({ role }) => role === "wire")?.lines ?? [];
    const hollow = Math.max(
      ...channel.filter(({ from, to }) => from.x <= at.x && at.x <= to.x).map(({ to }) => to.y),
      0,
    );
    expect(at.y + acrossMm / 2).toBeGreaterThan(hollow);
    expect(alongMm).toBeGreaterThan(20);
  });

  it("of a narrow piece goes along it, of a wide one across", () => {
    expect(rooms("brief", BRIEF_FACTS).gusset?.upright).toBe(true);
    expect(rooms("wiredBra", braFacts()).wing?.upright).toBe(false);
  });

  it("of a piece with levels lies between two of them", () => {
    const front = pieceOf(sampleDraft("brief", BRIEF_FACTS), "front");
    const heights = front.levels.map(({ from }) => from.y);
    const { y } = nameRoom(asCut(front)).at;
    expect(y).toBeGreaterThan(Math.min(...heights));
    expect(y).toBeLessThan(Math.max(...heights));
  });
});
