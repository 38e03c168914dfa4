import { data, redirect } from "react-router";
import { LARGEST_DRAFT } from "../../../data/drafts/index.ts";
import { isDraftName } from "../../../formats/kept/draftNames.ts";
import { mayDraft } from "../../.server/access/mayDraft.ts";
import { storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readFields } from "../fields.server.ts";
import type { Route } from "./+types/route.ts";

/** Keeps or drops the draft of a half-filled form. */
export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const { draftForm = "", intent, ...fields } = await readFields(request);
  if (!isDraftName(draftForm)) return data({ error: "Expected the name of a form." }, { status: 400 });
  if (!(await mayDraft(draftForm, context)))
    return data({ error: "This device keeps forms of its own jobs only." }, { status: 403 });
  if (JSON.stringify(fields).length > LARGEST_DRAFT) {
    return data({ error: "The form holds more text than a draft keeps." }, { status: 413 });
  }
  return storeOf(context).inTransaction(async ({ drafts }) => {
    if (intent === "drop") {
      await drafts.drop(draftForm);
      return data({ kept: false });
    }
    // A browser that was without a network may tell of it long after.
    if (!(await drafts.hasOwner(draftForm)))
      return data({ error: "What this form is about was erased: it is kept nowhere." }, { status: 410 });
    await drafts.put(draftForm, fields, new Date().toISOString());
    return data({ kept: true });
  });
});

export const loader = () => redirect("/");
