import type { RouterContextProvider } from "react-router";
import { storeOf } from "../http/answers.ts";
import { isForJob } from "./letIn.ts";
import { visitorContext } from "./visitor.ts";

/** True where who asks may keep the half-filled form of this name: a device for fittings those of its own jobs only. */
export async function mayDraft(form: string, context: Readonly<RouterContextProvider>): Promise<boolean> {
  const visitor = context.get(visitorContext);
  if (visitor.kind !== "device" || visitor.device.role !== "fittings") return true;
  const jobId = await storeOf(context).drafts.jobOf(form);
  return jobId !== null && isForJob(visitor.device, String(jobId), context);
}
