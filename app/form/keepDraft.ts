import { isLost, lookForServer } from "../offline/connection.ts";
import { type HeldDraft, heldDrafts } from "./heldDrafts.ts";
import type { Fields } from "./unsaved.ts";

/**
 * Keeps a half-filled form on the server under its name, even while the page is being left. Where it cannot be told, this browser holds it
 * and tells it later; nothing of that disturbs the typing.
 */
export async function keepDraft(draftForm: string, fields: Fields): Promise<void> {
  const draft = { draftForm, fields };
  // Where nobody answers anyway it is held first: a page that is being left does not live to hear that.
  const before = isLost();
  if (before) await hold(draft);
  if (await told(draft)) {
    if (before) await heldDrafts.drop(draftForm).catch(() => undefined);
    return;
  }
  lookForServer();
  await hold(draft);
}

/** A browser that keeps nothing disturbs the typing no more. */
const hold = (draft: HeldDraft): Promise<void> => heldDrafts.hold(draft).catch(() => undefined);

/** Tells the server of what this browser held meanwhile. @returns true where it held anything and the server has it now. */
export async function tellHeldDrafts(): Promise<boolean> {
  let any = false;
  for (const draft of await heldDrafts.all().catch(() => [])) {
    if (!(await told(draft))) return any;
    await heldDrafts.drop(draft.draftForm);
    any = true;
  }
  return any;
}

/** False where the server could not be asked, or did not know whose it is: it is to be told later. A refusal is an answer. */
async function told({ draftForm, fields }: HeldDraft): Promise<boolean> {
  const body = new URLSearchParams({ ...fields, draftForm });
  const response = await fetch("/drafts", { method: "POST", body, keepalive: true }).catch(() => null);
  return response !== null && response.status < 500 && response.status !== 401 && response.status !== 429;
}
