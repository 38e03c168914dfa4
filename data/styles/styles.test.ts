import { describe, expect, it } from "vitest";
import { brief, copyOf, type OwnStyle, ownStyleId, STYLES } from "../../core/ease/index.ts";
import { itKeeps, temporaryStore } from "../testing/index.ts";

const copy = copyOf({ ...brief, id: "brief" });

itKeeps<OwnStyle>("styles", {
  of: ({ styles: { findOwn, add, save } }) => ({ find: findOwn, add, save }),
  records: () => [copy, { ...copy, name: "Low, ours", zones: ["hip"], limits: { ...copy.limits } }],
});

describe("the style of a job", () => {
  it.each(STYLES.map(({ id }) => id))("%s is the shipped one", async (id) => {
    const { store } = await temporaryStore();
    expect(await store.styles.find(id)).toMatchObject({ id });
  });

  it("is the workshop's own copy, as it is now", async () => {
    const { store } = await temporaryStore();
    const id = await store.styles.add(copy);
    await store.styles.save({ ...copy, name: "Low, ours", id, version: 1 });
    expect(await store.styles.find(ownStyleId(id))).toMatchObject({ id: `own-${id}`, name: "Low, ours" });
  });

  it.each(["own-99", "own-0", "own-1e3", "own-", "kaftan"])("%s names none", async (id) => {
    const { store } = await temporaryStore();
    await store.styles.add(copy);
    expect(await store.styles.find(id as OwnStyle["basedOn"])).toBeNull();
  });

  it("are listed by name", async () => {
    const { store } = await temporaryStore();
    for (const name of ["tide", "Reef", "Anchor"]) await store.styles.add({ ...copy, name });
    expect((await store.styles.own()).map(({ name }) => name)).toEqual(["Anchor", "Reef", "tide"]);
  });
});
