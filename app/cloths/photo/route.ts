import { data, redirect } from "react-router";
import { found, idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { bytesOf, inPool } from "../../.server/pool/pool.ts";
import { readForm } from "../../form/fields.server.ts";
import type { Route } from "./+types/route.ts";

/** The photo of a cloth. */
export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const photo = found(await storeOf(context).cloths.photo(idFrom(params.clothId, "cloth")), "photo");
  return new Response(new Uint8Array(photo.bytes), {
    headers: { "Content-Type": photo.type, "Cache-Control": "no-store" },
  });
});

async function readPhoto(file: File, signal: AbortSignal) {
  const bytes = await bytesOf(file);
  return inPool("readPhoto", { bytes }, { hand: [bytes], signal });
}

/** Keeps a photo, in place of an earlier one, or takes it off. */
export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const id = idFrom(params.clothId, "cloth");
  const form = await readForm(request);
  const file = form.get("photo");
  const removing = form.get("intent") === "remove";
  const picture = !removing && file instanceof File && file.size > 0 ? await readPhoto(file, request.signal) : null;
  if (!removing && !picture) return data({ error: "Expected a picture, but none was chosen." }, { status: 400 });
  if (picture && !picture.ok) return data({ error: picture.problem.message }, { status: 400 });
  await storeOf(context).inTransaction(async ({ cloths }) => {
    found(await cloths.find(id), "cloth");
    await cloths.keepPhoto(id, picture?.ok ? picture.value : null);
  });
  return redirect(`/cloths/${id}`);
});
