import { describe, expect, it } from "vitest";
import { temporaryStore } from "../testing/index.ts";
import { LARGEST_DRAFT } from "./drafts.ts";

const AT = "2026-11-26T10:00:00Z";

describe("half-filled forms", () => {
  it("are kept under their form, the last word counting", async () => {
    const { store } = await temporaryStore();
    await store.drafts.put("sheet:3", { waist: "74" }, AT);
    await store.drafts.put("sheet:3", { waist: "74,5", note: "“ä\n" }, AT);
    expect(await store.drafts.find("sheet:3")).toEqual({ waist: "74,5", note: "“ä\n" });
    expect(await store.drafts.find("sheet:30")).toBeNull();
  });

  it("come several at once, without those that are not there", async () => {
    const { store } = await temporaryStore();
    await store.drafts.put("sheet:3", { waist: "74" }, AT);
    await store.drafts.put("wrap:1", { name: "x" }, AT);
    expect(await store.drafts.findAll(["wrap:1", "wrap:2"])).toEqual({ "wrap:1": { name: "x" } });
    expect(await store.drafts.findAll([])).toEqual({});
  });

  it("are dropped one by one; dropping what is not there is nothing", async () => {
    const { store } = await temporaryStore();
    await store.drafts.put("sheet:3", { waist: "74" }, AT);
    await store.drafts.put("sheet:4", { waist: "75" }, AT);
    await store.drafts.drop("sheet:3");
    await store.drafts.drop("sheet:9");
    expect(await store.drafts.findAll(["sheet:3", "sheet:4"])).toEqual({ "sheet:4": { waist: "75" } });
  });

  it("are refused where they are larger than any form, and the one before is left", async () => {
    const { store } = await temporaryStore();
    await store.drafts.put("sheet:3", { notes: "short" }, AT);
    const room = LARGEST_DRAFT - JSON.stringify({ notes: "" }).length;
    await expect(store.drafts.put("sheet:3", { notes: "x".repeat(room + 1) }, AT)).rejects.toThrow(RangeError);
    expect(await store.drafts.find("sheet:3")).toEqual({ notes: "short" });
    await store.drafts.put("sheet:3", { notes: "x".repeat(room) }, AT);
    expect((await store.drafts.find("sheet:3"))?.notes).toHaveLength(room);
  });
});
