import type { RouteConfigEntry } from "@react-router/dev/routes";
import { matchRoutes, type RouteObject, RouterContextProvider } from "react-router";
import { type AccessStore, openAccess } from "../../data/access/index.ts";
import type { Store } from "../../data/store.ts";
import { accessContext, visitorContext } from "../.server/access/visitor.ts";
import { fromThisMachineContext, storeContext } from "../.server/http/context.ts";
import routes from "../routes.ts";

type Handler = (args: object) => Promise<unknown>;

/** What a route's file may hold. */
interface RouteModule {
  readonly action?: Handler;
  readonly loader?: Handler;
  readonly default?: unknown;
}

/** The modules of all routes, by their file. */
const MODULES = import.meta.glob<RouteModule>("../**/route.{ts,tsx}");

/** Where the pages of the tests stand. */
export const ORIGIN = "http://127.0.0.1";

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

/** Files of all routes that have an action, or a loader. */
export async function routesWith(what: "action" | "loader"): Promise<string[]> {
  const found = [];
  for (const [file, load] of Object.entries(MODULES)) if ((await load())[what]) found.push(file.slice("../".length));
  return found.toSorted();
}

/** Those of some addresses whose route draws a page, each once. */
export async function drawn(addresses: readonly string[]): Promise<string[]> {
  const kept = [];
  for (const address of new Set(addresses))
    if ((await MODULES[`../${routeOf(address).file}`]?.())?.default) kept.push(address);
  return kept;
}

let access: Promise<AccessStore> | null = null;

/** Who is let in, of this process: nobody yet. */
const accessToRead = (): Promise<AccessStore> => {
  access ??= openAccess(":memory:");
  return access;
};

/** What a request from this machine is answered over. */
export async function onThisMachine(store: Store): Promise<RouterContextProvider> {
  const context = new RouterContextProvider();
  context.set(storeContext, store);
  context.set(accessContext, await accessToRead());
  context.set(visitorContext, { kind: "machine" });
  context.set(fromThisMachineContext, true);
  return context;
}

/** Runs the action or the loader behind an address over a store, for this machine. What it throws is its answer too. */
export async function run(what: "action" | "loader", store: Store, request: Request): Promise<unknown> {
  const { file, params } = routeOf(request.url);
  const handler = (await MODULES[`../${file}`]?.())?.[what];
  if (!handler) throw new Error(`${file} has no ${what}.`);
  const context = await onThisMachine(store);
  return handler({ request, params, context }).catch((thrown: unknown) => thrown);
}

/** One of the routes an address leads through, from the outermost in, with what it loaded. */
export interface MatchedRoute {
  readonly id: string;
  readonly path: string | undefined;
  readonly module: RouteModule;
  readonly data: unknown;
}

/** Loads all routes an address leads through. @throws what a loader throws. */
export async function runMatched(store: Store, address: string): Promise<MatchedRoute[]> {
  const request = new Request(new URL(address, ORIGIN));
  const context = await onThisMachine(store);
  const matches = matchRoutes(OBJECTS, new URL(request.url).pathname) ?? [];
  return Promise.all(
    matches.map(async ({ route, params }) => {
      const module = (await MODULES[`../${route.id}`]?.()) ?? {};
      const data = (await module.loader?.({ request, params, context })) ?? null;
      return { id: route.id as string, path: route.path, module, data };
    }),
  );
}
