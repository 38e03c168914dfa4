import { redirect } from "react-router";
import { takeToken } from "../../.server/access/deviceCookie.ts";
import { accessContext, visitorContext } from "../../.server/access/visitor.ts";
import { guarded } from "../../.server/http/guarded.ts";
import type { Route } from "./+types/route.ts";

/** Signs a device out: it is on the list no longer, and its secret is nobody's. */
export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const visitor = context.get(visitorContext);
  if (visitor.kind === "device") await context.get(accessContext).devices.remove(visitor.device.id);
  return redirect(visitor.kind === "machine" ? "/" : "/sign-in", {
    headers: { "Set-Cookie": await takeToken(request), "Clear-Site-Data": '"cache"' },
  });
});

export const loader = () => redirect("/");
