import type { Fields } from "./unsaved.ts";

/**
 * Keeps a half-filled form on the server under its name, even while the page is being left. A draft that cannot be
 * sent must not disturb the typing: the next one tries again.
 */
export async function keepDraft(draftForm: string, fields: Fields): Promise<void> {
  const body = new URLSearchParams({ ...fields, draftForm });
  await fetch("/drafts", { method: "POST", body, keepalive: true }).catch(() => undefined);
}
