import { found, idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import type { Route } from "./+types/route.ts";

/** A photo of a fitting; only by way of its own job. */
export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const { fittings } = storeOf(context);
  const id = idFrom(params.photoId, "photo");
  if ((await fittings.jobOf("photo", id)) !== idFrom(params.jobId, "job")) found(null, "photo");
  const photo = found(await fittings.photo(id), "photo");
  return new Response(new Uint8Array(photo.bytes), {
    headers: { "Content-Type": photo.type, "Cache-Control": "no-store" },
  });
});
