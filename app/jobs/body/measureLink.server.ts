import { data, type RouterContextProvider, redirect } from "react-router";
import { found, storeOf } from "../../.server/http/answers.ts";
import { qrPicture } from "../../.server/sharing/qrPicture.ts";
import { sharingContext } from "../../.server/sharing/sharingSwitch.ts";

type Context = Readonly<RouterContextProvider>;

/** Makes the link by which the wearer of a job measures themselves. It stands in this answer and nowhere else. */
export async function makeLink(jobId: number, context: Context) {
  const secret = await storeOf(context).inTransaction(async ({ jobs, measureLinks }) => {
    found(await jobs.find(jobId), "job");
    return measureLinks.make(jobId, new Date());
  });
  const state = context.get(sharingContext).state();
  const links = await Promise.all(
    (state.on ? state.addresses : []).map(async (address) => {
      const link = `${address}measure/${secret}`;
      return { link, picture: await qrPicture(link) };
    }),
  );
  return data({ links });
}

/** No link of a job is good any more. */
export async function stopLink(jobId: number, context: Context) {
  await storeOf(context).inTransaction(async ({ jobs, measureLinks }) => {
    found(await jobs.find(jobId), "job");
    await measureLinks.stop(jobId);
  });
  return redirect(`/jobs/${jobId}/body`);
}
