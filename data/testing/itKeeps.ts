import { describe, expect, it } from "vitest";
import type { SaveOutcome } from "../db/index.ts";
import type { ListQuery, Page } from "../lists/index.ts";
import type { Store } from "../store.ts";
import { temporaryStore } from "./temporaryStore.ts";

interface Versioned {
  readonly id: number;
  readonly version: number;
}

/** What every repository of records that are edited can do. */
interface EditedRecords<T extends Versioned> {
  find(id: number): Promise<T | null>;
  add(record: Omit<T, "id" | "version">): Promise<number>;
  save(record: T): Promise<SaveOutcome<T>>;
  list?(query: ListQuery): Promise<Page<Versioned & { readonly name: string }>>;
}

/** What a repository is tried with. */
interface KeptRecords<T extends Versioned> {
  readonly of: (store: Store) => EditedRecords<T>;
  /** What has to be there before; its id is given to the records. */
  readonly beside?: (store: Store) => Promise<number>;
  /** Records that differ in all that can differ. */
  readonly records: (beside: number) => readonly [Omit<T, "id" | "version">, Omit<T, "id" | "version">];
}

/** Tries what all repositories of edited records promise: whole, never overwritten from an older version, one at a time. */
export function itKeeps<T extends Versioned>(what: string, { of, beside, records }: KeptRecords<T>): void {
  const opened = async () => {
    const { store } = await temporaryStore();
    const [first, second] = records(beside ? await beside(store) : 0);
    const kept = of(store);
    return { store, kept, first, second, id: await kept.add(first) };
  };
  const asKept = (record: Omit<T, "id" | "version">, id: number, version: number) => ({ ...record, id, version }) as T;

  describe(`kept ${what}`, () => {
    it("come back whole, in their first version", async () => {
      const { kept, first, id } = await opened();
      expect(await kept.find(id)).toEqual(asKept(first, id, 1));
      expect(await kept.find(id + 1)).toBeNull();
    });

    it("are saved whole from the version they were read at", async () => {
      const { kept, second, id } = await opened();
      const saved = asKept(second, id, 2);
      expect(await kept.save(asKept(second, id, 1))).toEqual({ saved: true, value: saved });
      expect(await kept.find(id)).toEqual(saved);
    });

    it("are never overwritten from an older version: the newer one is given back", async () => {
      const { kept, first, second, id } = await opened();
      await kept.save(asKept(second, id, 1));
      expect(await kept.save(asKept(first, id, 1))).toEqual({ saved: false, theirs: asKept(second, id, 2) });
      expect(await kept.find(id)).toEqual(asKept(second, id, 2));
    });

    it("are not made by saving what is gone", async () => {
      const { kept, first, id } = await opened();
      expect(await kept.save(asKept(first, id + 7, 1))).toEqual({ saved: false, theirs: null });
      expect(await kept.find(id + 7)).toBeNull();
    });

    it("leave the others as they are", async () => {
      const { kept, first, second, id } = await opened();
      const other = await kept.add(second);
      await kept.save(asKept(second, id, 1));
      expect(await kept.find(other)).toEqual(asKept(second, other, 1));
      await kept.save(asKept(first, other, 1));
      expect(await kept.find(id)).toEqual(asKept(second, id, 2));
    });

    it("of a broken transaction are not there", async () => {
      const { store, kept, second, id } = await opened();
      const broken = store.inTransaction(async (repositories) => {
        await of(repositories as Store).save(asKept(second, id, 1));
        throw new Error("cut off");
      });
      await expect(broken).rejects.toThrow("cut off");
      expect(await kept.find(id)).toMatchObject({ version: 1 });
    });
  });
}

/** Tries what every list by name promises: its order, its pages, a search that takes what it is given literally. */
export function itLists<T extends Versioned & { readonly name: string }>(
  what: string,
  { of, beside, records }: KeptRecords<T>,
): void {
  const named = async (...names: readonly string[]) => {
    const { store } = await temporaryStore();
    const [first] = records(beside ? await beside(store) : 0);
    for (const name of names) await of(store).add({ ...first, name } as Omit<T, "id" | "version">);
    return async (search: string, page = 1) => {
      const found = await of(store).list?.({ search, page });
      return { ...found, names: found?.rows.map(({ name }) => name) };
    };
  };

  describe(`a list of ${what}`, () => {
    it("goes by name, whatever the letters' case", async () => {
      const list = await named("heron", "Avocet", "Heron 2", "bittern");
      expect((await list("")).names).toEqual(["Avocet", "bittern", "heron", "Heron 2"]);
    });

    it("finds a part of a name, and takes wildcards as they are written", async () => {
      const list = await named("Heron 100%", "Heron_2", "Heron", "a\\b");
      expect((await list("ERON")).names).toHaveLength(3);
      expect((await list("100%")).names).toEqual(["Heron 100%"]);
      expect((await list("n_2")).names).toEqual(["Heron_2"]);
      expect((await list("%")).names).toEqual(["Heron 100%"]);
      expect((await list("\\")).names).toEqual(["a\\b"]);
      expect((await list("avocet")).names).toEqual([]);
    });

    it("comes in pages of fifty; one beyond the last is the last", async () => {
      const list = await named(...Array.from({ length: 101 }, (_, at) => `No ${String(at).padStart(3, "0")}`));
      expect(await list("")).toMatchObject({ total: 101, page: 1, pageCount: 3 });
      expect((await list("", 2)).names?.[0]).toBe("No 050");
      expect(await list("", 9)).toMatchObject({ page: 3, names: ["No 100"] });
      expect((await list("No 00", 1)).names).toHaveLength(10);
    });

    it("of nothing is one empty page", async () => {
      const list = await named();
      expect(await list("")).toMatchObject({ names: [], total: 0, page: 1, pageCount: 1 });
    });
  });
}
