import { exportWearer } from "../../../data/transfer/index.ts";
import { found, idFrom, storeOf } from "../../.server/http/answers.ts";
import { download } from "../../.server/http/download.ts";
import { guarded } from "../../.server/http/guarded.ts";
import type { Route } from "./+types/route.ts";

/** Everything about a wearer in one file: who they are, their sheets, wraps and garments, their jobs whole. */
export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const wearerId = idFrom(params.wearerId, "wearer");
  const document = await storeOf(context).inTransaction((all) => exportWearer(all, wearerId));
  const { wearer } = found(document, "wearer");
  return download(`${JSON.stringify(document, null, 2)}\n`, `everything about ${wearer.name}`, "json");
});
