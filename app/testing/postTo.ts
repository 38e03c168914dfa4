import type { Store } from "../../data/store.ts";
import { ORIGIN, run } from "./routeModules.ts";

/** What an action answered: where it sends the browser, or what it says of the form. */
export interface Answer {
  readonly status: number;
  readonly location: string | null;
  /** Names of the fields there is a message beside. */
  readonly wrong: readonly string[];
  /** All it says. */
  readonly body: unknown;
}

/** Values of a form's fields; a file is sent as such. */
export type Sent = Readonly<Record<string, string | File>>;

/** Posts a form to an address as a browser on this machine does, over a store. */
export async function postTo(store: Store, address: string, sent: Sent): Promise<Answer> {
  const hasFile = Object.values(sent).some((value) => value instanceof File);
  const form = hasFile ? new FormData() : new URLSearchParams();
  for (const [name, value] of Object.entries(sent)) (form as FormData).append(name, value as string);
  return answerOf(await run("action", store, new Request(new URL(address, ORIGIN), { method: "POST", body: form })));
}

function answerOf(answer: unknown): Answer {
  if (answer instanceof Response)
    return { status: answer.status, location: answer.headers.get("Location"), wrong: [], body: null };
  const { data, init } = answer as { data?: { errors?: object }; init?: { status?: number } | null };
  if (data === undefined) throw answer;
  return { status: init?.status ?? 200, location: null, wrong: Object.keys(data?.errors ?? {}), body: data };
}
