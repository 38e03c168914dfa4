import type { Knex } from "knex";
import { DRAFT_KINDS, type DraftOwner } from "../../formats/kept/draftNames.ts";

const TABLES: Readonly<Record<DraftOwner, string>> = {
  ...{ wearer: "wearers", job: "jobs", prototype: "prototypes", fitting: "fittings", finding: "findings" },
  ...{ change: "changes", liked: "liked_garments", wrap: "body_wraps" },
};

/** The owner and the number a draft's name tells; null where it is about nothing that can be erased. */
export function ownerOfDraft(form: string): { readonly owner: DraftOwner; readonly id: number } | null {
  const [kind = "", idText = ""] = form.split(":");
  const owner = Object.hasOwn(DRAFT_KINDS, kind) ? DRAFT_KINDS[kind as keyof typeof DRAFT_KINDS] : "anybody";
  if (owner === "workshop" || owner === "anybody" || !/^\d+$/.test(idText)) return null;
  return { owner, id: Number(idText) };
}

/** False where what a half-filled form is about was erased: nothing of it is to come back. */
export async function draftHasOwner(db: Knex, form: string): Promise<boolean> {
  const owned = ownerOfDraft(form);
  return owned === null || (await db(TABLES[owned.owner]).where({ id: owned.id }).first("id")) !== undefined;
}
