import { type OwnStyle, ownStyleSchema } from "../../core/ease/index.ts";
import { type KeptType, keptType } from "./keptType.ts";

/** What a workshop changed of a shipped style. */
export const keptOwnStyle: KeptType<Pick<OwnStyle, "zones" | "drops" | "limits" | "parts">> = keptType({
  what: "a style of the workshop",
  schema: ownStyleSchema,
  // A style that was kept before it could have any decides none.
  fresh: { parts: {} },
});
