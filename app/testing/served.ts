import type { RouteConfigEntry } from "@react-router/dev/routes";
import { createRequestHandler, RouterContextProvider, type ServerBuild } from "react-router";
import type { AccessStore } from "../../data/access/index.ts";
import type { Store } from "../../data/store.ts";
import { accessContext, addressContext } from "../.server/access/visitor.ts";
import { fromThisMachineContext, storeContext, storeNowContext } from "../.server/http/context.ts";
import { type Keeper, keeperContext } from "../.server/keeping/keeper.ts";
import { type SharingSwitch, sharingContext } from "../.server/sharing/sharingSwitch.ts";
import routes from "../routes.ts";

/** The modules of all routes, by their file. */
const MODULES = import.meta.glob<Record<string, unknown>>("../**/route.{ts,tsx}");

/** A route as it stands in `routes.ts`, with its whole address. */
export interface PlacedRoute {
  readonly id: string;
  readonly parentId: string;
  readonly file: string;
  /** `/jobs/:jobId/ease`; `/*` for all others. */
  readonly pattern: string;
  readonly entry: RouteConfigEntry;
}

const placed = (entries: readonly RouteConfigEntry[], parentId: string, base: string): PlacedRoute[] =>
  entries.flatMap((entry) => {
    const pattern = entry.path === undefined ? base || "/" : `${base}/${entry.path}`;
    const id = entry.id ?? entry.file;
    return [
      { id, parentId, file: entry.file, pattern, entry },
      ...placed(entry.children ?? [], id, entry.path === undefined ? base : pattern),
    ];
  });

/** Every route of the application; one that is added to `routes.ts` is among them without a word. */
export const ALL_ROUTES: readonly PlacedRoute[] = placed(routes, "root", "");

/** What a request comes from. */
export interface AskedFrom {
  readonly store: Store;
  /** The store that is open by the end, where an action may put another in its place. */
  readonly storeNow?: () => Promise<Store>;
  readonly access: AccessStore;
  /** False for one that comes over the network. */
  readonly machine?: boolean;
  readonly address?: string;
  /** How it is shared; left out, not at all. */
  readonly sharing?: SharingSwitch;
  /** What takes its backups; left out, nothing does. */
  readonly keeper?: Keeper;
}

let handling: Promise<ReturnType<typeof createRequestHandler>> | null = null;

/** Answers as the server does: by the router's own handler, over every route with all that stands above it. */
export async function served(
  request: Request,
  { store, storeNow = async () => store, access, machine = false, address = "192.0.2.9", sharing, keeper }: AskedFrom,
) {
  handling ??= buildOf().then((build) => createRequestHandler(build, "test"));
  const context = new RouterContextProvider();
  context.set(storeContext, store);
  context.set(storeNowContext, storeNow);
  context.set(accessContext, access);
  context.set(addressContext, address);
  if (sharing) context.set(sharingContext, sharing);
  if (keeper) context.set(keeperContext, keeper);
  context.set(fromThisMachineContext, machine);
  return (await handling)(request, context);
}

async function buildOf(): Promise<ServerBuild> {
  const root = { id: "root", path: "", module: await import("../root.tsx") };
  const others = await Promise.all(
    ALL_ROUTES.map(async ({ id, parentId, file, entry }) => ({
      ...{ id, parentId, module: (await MODULES[`../${file}`]?.()) ?? {} },
      ...(entry.index ? { index: true } : {}),
      ...(entry.path === undefined ? {} : { path: entry.path }),
    })),
  );
  return {
    // What a page looks like is tried elsewhere: here it is whether there is one, and what its headers say.
    entry: {
      module: {
        default: (_request: Request, status: number, headers: Headers) => new Response("", { status, headers }),
      },
    },
    routes: Object.fromEntries([root, ...others].map((route) => [route.id, route])),
    assets: { entry: { imports: [], module: "" }, routes: {}, url: "", version: "test" },
    ...{ publicPath: "/", assetsBuildDirectory: "", basename: "/", ssr: true, isSpaMode: false, prerender: [] },
    future: { v8_middleware: true, v8_passThroughRequests: true, v8_trailingSlashAwareDataRequests: true },
    routeDiscovery: { mode: "initial", manifestPath: "/__manifest" },
  } as unknown as ServerBuild;
}
