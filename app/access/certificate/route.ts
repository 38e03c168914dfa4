import { notFound } from "../../.server/http/answers.ts";
import { download } from "../../.server/http/download.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { sharingContext } from "../../.server/sharing/sharingSwitch.ts";
import type { Route } from "./+types/route.ts";

/**
 * The workshop's authority as a file, for a device to trust. Anybody may have it: it holds no secret, and is compared by its fingerprint
 * before it is trusted.
 */
export const loader = guarded(async ({ context }: Route.LoaderArgs) => {
  const state = context.get(sharingContext).state();
  const authority = state.on ? state.authority : null;
  return authority ? download(authority.cert, "stenz workshop", "crt") : notFound("certificate made here");
});
