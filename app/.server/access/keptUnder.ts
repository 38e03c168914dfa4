import { createHash } from "node:crypto";
import type { RouterContextProvider } from "react-router";
import { NOBODY } from "../../offline/keptPages.ts";
import { storeNowContext } from "../http/context.ts";
import { visitorContext } from "./visitor.ts";

/**
 * What the pages that a browser keeps stand under: once it is another, the browser drops them all. It changes with who looks and what
 * they may see, and with every erasure; whoever is not let in keeps nothing.
 */
export async function keptUnder(context: Readonly<RouterContextProvider>): Promise<string> {
  const visitor = context.get(visitorContext);
  if (visitor.kind === "nobody") return NOBODY;
  const eyes =
    visitor.kind === "device" ? [visitor.device.id, visitor.device.role, ...visitor.device.jobs] : [visitor.kind];
  const store = await context.get(storeNowContext)();
  const mark = await store.keptPages();
  return createHash("sha256")
    .update(JSON.stringify([eyes, mark]))
    .digest("base64url")
    .slice(0, 16);
}
