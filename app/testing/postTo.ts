import type { RouteConfigEntry } from "@react-router/dev/routes";
import { matchRoutes, type RouteObject, RouterContextProvider } from "react-router";
import type { Store } from "../../data/store.ts";
import { fromThisMachineContext, storeContext } from "../.server/http/context.ts";
import routes from "../routes.ts";

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

/** The modules of all routes, by their file. */
const MODULES = import.meta.glob<{ action?: (args: object) => Promise<unknown> }>("../**/route.{ts,tsx}");

const ORIGIN = "http://127.0.0.1";

/** A route as the router matches it, with the file its config names. */
const objectOf = ({ path, index, children, file }: RouteConfigEntry): RouteObject =>
  index
    ? { index: true, id: file }
    : { ...(path === undefined ? {} : { path }), id: file, children: (children ?? []).map(objectOf) };

const OBJECTS = routes.map(objectOf);

/** The file of the route behind an address; a layout's own address is its index. */
export function routeOf(address: string): { file: string; params: Readonly<Record<string, string | undefined>> } {
  const match = matchRoutes(OBJECTS, new URL(address, ORIGIN).pathname)?.at(-1);
  if (!match) throw new Error(`There is no route at ${address}.`);
  return { file: match.route.id as string, params: match.params };
}

/** Files of all routes that have an action. */
export async function routesWithActions(): Promise<string[]> {
  const found = [];
  for (const [file, load] of Object.entries(MODULES)) if ((await load()).action) found.push(file.slice("../".length));
  return found.toSorted();
}

/** Posts a form to an address as a browser on this machine does, over a store. What the route throws is its answer too. */
export async function postTo(store: Store, address: string, sent: Sent): Promise<Answer> {
  const { file, params } = routeOf(address);
  const { action } = (await MODULES[`../${file}`]?.()) ?? {};
  if (!action) throw new Error(`${file} has no action.`);
  const hasFile = Object.values(sent).some((value) => value instanceof File);
  const form = hasFile ? new FormData() : new URLSearchParams();
  for (const [name, value] of Object.entries(sent)) (form as FormData).append(name, value as string);
  const request = new Request(new URL(address, ORIGIN), { method: "POST", body: form });
  const context = new RouterContextProvider();
  context.set(storeContext, store);
  context.set(fromThisMachineContext, true);
  return answerOf(await action({ request, params, context }).catch((thrown: unknown) => thrown));
}

function answerOf(answer: unknown): Answer {
  if (answer instanceof Response)
    return { status: answer.status, location: answer.headers.get("Location"), wrong: [], body: null };
  const { data, init } = answer as { data?: { errors?: object }; init?: { status?: number } | null };
  if (data === undefined) throw answer;
  return { status: init?.status ?? 200, location: null, wrong: Object.keys(data?.errors ?? {}), body: data };
}
