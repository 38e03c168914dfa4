import { expect, it } from "vitest";
import type { KeptLayup } from "../../core/cloth/index.ts";
import { SAMPLE_CLOTH } from "../../core/testing/index.ts";
import type { Store } from "../store.ts";
import { itKeeps, itLists, temporaryStore } from "../testing/index.ts";

const LAYUPS: Parameters<typeof itLists<KeptLayup>>[1] = {
  of: ({ layups }) => layups,
  beside: (store: Store) => store.cloths.add(SAMPLE_CLOTH),
  records: (clothId) => [
    { name: "Front", notes: "", layers: [{ clothId, direction: "across", role: "shell" }] },
    {
      name: "Front, held",
      notes: "Net inside.",
      layers: [
        { clothId, direction: "along", role: "net" },
        { clothId, direction: "across", role: "shell" },
      ],
    },
  ],
};

itKeeps<KeptLayup>("layups", LAYUPS);
itLists<KeptLayup>("layups", LAYUPS);

it("never hold a cloth that is not on the shelf", async () => {
  const { store } = await temporaryStore();
  const layers = [{ clothId: 9, direction: "across", role: "shell" }] as const;
  await expect(store.layups.add({ name: "Front", notes: "", layers })).rejects.toThrow(/FOREIGN KEY/);
});
