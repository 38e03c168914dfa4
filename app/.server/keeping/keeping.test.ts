import { readdirSync, rmSync, writeFileSync } from "node:fs";
import { afterEach, describe, expect, it, vi } from "vitest";
import { backupsIn } from "../../../data/backup/index.ts";
import type { Store } from "../../../data/store.ts";
import { keptWorkshop } from "../../testing/keptWorkshop.ts";
import { holdStore } from "./heldStore.ts";
import { isDue } from "./keeper.ts";

const NOON = new Date("2026-11-27T12:00:00Z");
const hours = (count: number) => new Date(NOON.getTime() + count * 3_600_000).toISOString();

describe("a backup", () => {
  it.each([
    [undefined, true],
    [hours(-1), false],
    [hours(-23.9), false],
    [hours(-24), true],
    [hours(-900), true],
    // The clock was set back by an hour; by a month.
    [hours(1), false],
    [hours(700), true],
  ])("last taken %s is due: %s", (last, due) => expect(isDue(last, NOON)).toBe(due));

  it("is taken once where none was for a day, and one after the other", async () => {
    const { keeper } = await keptWorkshop();
    await Promise.all([keeper.keepUp(), keeper.keepUp(), keeper.keepUp()]);
    expect(backupsIn(keeper.folder)).toHaveLength(1);
  });

  it("that could not be taken is noted until one can", async () => {
    const { keeper, access } = await keptWorkshop();
    rmSync(keeper.folder, { recursive: true, force: true });
    writeFileSync(keeper.folder.replace(/\/[^/]+$/, ""), "a file where the folder should be");
    expect((await keeper.backUp()).ok).toBe(false);
    expect((await access.backupRule.find()).fault).toMatch(/No backup could be taken/);
    rmSync(keeper.folder.replace(/\/[^/]+$/, ""));
    expect((await keeper.backUp()).ok).toBe(true);
    expect((await access.backupRule.find()).fault).toBeNull();
    expect(readdirSync(keeper.folder)).toHaveLength(1);
  });
});

describe("the open file", () => {
  afterEach(() => vi.useRealTimers());

  it("is changed for another once those who use it are done, and who comes meanwhile waits", async () => {
    vi.useFakeTimers();
    const [first, second] = [{}, {}] as [Store, Store];
    const held = holdStore(first);
    const [mine, other] = [held.enter(), held.enter()];
    mine();
    const seen: string[] = [];
    const swapped = held.swap(async (old) => {
      expect(old).toBe(first);
      seen.push("changed");
      return second;
    });
    // One that comes meanwhile is let wait, and is not waited for.
    const later = held.enter();
    const waiting = held.ready().then((store) => {
      seen.push("served");
      expect(store).toBe(second);
      later();
    });
    await vi.advanceTimersByTimeAsync(60);
    expect(seen).toEqual([]);
    other();
    other();
    await vi.advanceTimersByTimeAsync(60);
    expect(seen).toEqual(["changed", "served"]);
    await Promise.all([swapped, waiting]);
  });

  it("is changed twice, the second time once those are done who came after the first", async () => {
    vi.useFakeTimers();
    const held = holdStore({} as Store);
    const [first, second] = [held.enter(), held.enter()];
    const seen: string[] = [];
    const swap = (word: string) =>
      held.swap(async (old) => {
        seen.push(word);
        return old;
      });
    first();
    const once = swap("once");
    const between = held.enter();
    second();
    const twice = swap("twice");
    await vi.advanceTimersByTimeAsync(60);
    expect(seen).toEqual(["once"]);
    between();
    await vi.advanceTimersByTimeAsync(60);
    expect(seen).toEqual(["once", "twice"]);
    await Promise.all([once, twice]);
  });
});
