import { browserStore, type HeldDraft } from "./queue/browserStore.ts";
import type { Fields } from "./unsaved.ts";

export type { HeldDraft };

/** Half-filled forms that wait in this browser. One that keeps nothing fails at each of these. */
export const heldDrafts = {
  async hold(draft: HeldDraft): Promise<void> {
    await (await browserStore()).put("drafts", draft);
  },
  async find(draftForm: string): Promise<Fields | null> {
    return (await (await browserStore()).get("drafts", draftForm))?.fields ?? null;
  },
  async drop(draftForm: string): Promise<void> {
    await (await browserStore()).delete("drafts", draftForm);
  },
  async dropAll(): Promise<void> {
    await (await browserStore()).clear("drafts");
  },
  async all(): Promise<HeldDraft[]> {
    return (await browserStore()).getAll("drafts");
  },
};
