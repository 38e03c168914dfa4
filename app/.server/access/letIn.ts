import { data, type MiddlewareFunction, type RouterContextProvider, redirect } from "react-router";
import type { Device, Recognised } from "../../../data/access/index.ts";
import { parseId } from "../../../formats/form/index.ts";
import { KEPT_UNDER } from "../../offline/keptPages.ts";
import { storeOf } from "../http/answers.ts";
import { fromThisMachineContext } from "../http/context.ts";
import type { ToldError } from "../http/guarded.ts";
import { deviceToken, giveToken } from "./deviceCookie.ts";
import { keptUnder } from "./keptUnder.ts";
import { AT_THE_MACHINE, allowedTo, FOR_ANYBODY, OF_A_JOB, plainPattern } from "./permitted.ts";
import { accessContext, visitorContext } from "./visitor.ts";

type Asked = Parameters<MiddlewareFunction<Response>>[0];

/**
 * Lets a request through or not, before any loader or action of any route runs: it stands at the root, above all of them. At the
 * machine itself nothing is asked; from the network a device has to be paired, and its role allow what it asks for.
 */
export const letIn: MiddlewareFunction<Response> = async (asked, next) => {
  const response = await admit(asked, next);
  response.headers.set(KEPT_UNDER, await keptUnder(asked.context));
  return response;
};

async function admit(asked: Asked, next: () => Promise<Response>): Promise<Response> {
  const { request, context, pattern } = asked;
  if (context.get(fromThisMachineContext)) {
    context.set(visitorContext, { kind: "machine" });
    return next();
  }
  const known = await recognised(request, context);
  if (known) context.set(visitorContext, { kind: "device", device: known.device });
  if (!FOR_ANYBODY.includes(plainPattern(pattern))) {
    if (!known) return toSignIn(asked);
    if (known.device.role === "fittings" && plainPattern(pattern) === "/") return redirect("/fittings");
    const refusal = await refusalOf(asked, known.device);
    if (refusal) throw data<ToldError>({ message: refusal }, { status: 403 });
  }
  const response = await next();
  if (known?.token) response.headers.append("Set-Cookie", await giveToken(request, known.token));
  return response;
}

async function recognised(request: Request, context: Readonly<RouterContextProvider>): Promise<Recognised | null> {
  const token = await deviceToken(request);
  return token === null ? null : context.get(accessContext).devices.recognise(token, new Date());
}

/** True for a request that sends something, where others only look. */
const sends = ({ method }: Request): boolean => method !== "GET" && method !== "HEAD";

/** Whoever opens a page goes on to it once signed in; what was sent is not taken, and whoever sent it keeps it. */
function toSignIn({ request, url }: Asked): Response {
  if (sends(request))
    throw data<ToldError>(
      { message: "Expected this device to be signed in: it was sent away, or never paired." },
      { status: 401 },
    );
  return redirect(`/sign-in?${new URLSearchParams({ to: `${url.pathname}${url.search}` })}`);
}

/** Why a device is refused; null where it is not. */
async function refusalOf({ request, params, context, pattern }: Asked, device: Device): Promise<string | null> {
  if (AT_THE_MACHINE.includes(plainPattern(pattern))) return "This is set on the machine Stenz runs on: open it there.";
  const allowed = allowedTo(device.role, pattern);
  if (allowed === null) return `This device ${ROLE_WORDS[device.role]}: this page is not for it.`;
  if (sends(request) && allowed === "read") return `This device ${ROLE_WORDS[device.role]}: nothing was changed.`;
  if (device.role === "fittings" && OF_A_JOB.test(plainPattern(pattern)))
    return (await isForJob(device, params.jobId, context)) ? null : "This device is for fittings of other jobs.";
  return null;
}

const ROLE_WORDS: Readonly<Record<Device["role"], string>> = {
  whole: "is let into the whole workshop",
  fittings: "is for fittings only",
  look: "may look, not change",
};

/** True where a device is for a job, known by the identity that stays when its number does not. */
export async function isForJob(
  device: Device,
  jobIdText: string | undefined,
  context: Readonly<RouterContextProvider>,
): Promise<boolean> {
  const id = parseId(jobIdText ?? "", "job");
  const { jobs, identities } = storeOf(context);
  if (!id.ok || !(await jobs.find(id.value))) return false;
  return device.jobs.includes(await identities.of("jobs", id.value));
}
