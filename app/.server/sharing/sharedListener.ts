import type { RequestListener, Server } from "node:http";
import { fail, ok, type Result } from "../../../core/result.ts";
import type { AccessStore, Sharing } from "../../../data/access/index.ts";
import { faultWords } from "../../../data/backup/index.ts";
import { hostsOf, isLoopback, type KnowsHost } from "../http/hosts.ts";
import { type ListenOn, listen, patientServer, shut } from "../http/patientServer.ts";
import { inTurn } from "../inTurn.ts";
import { madeCertificate, ownCertificate } from "./certificate.ts";
import type { Certificate } from "./certificateFiles.ts";
import { networkAddresses, ownNames } from "./ownNames.ts";
import type { ShareState, SharingSwitch } from "./sharingSwitch.ts";

/** What the listener for the network is made from. */
export interface SharedOptions extends ListenOn {
  readonly access: AccessStore;
  /** Further names it answers to. */
  readonly names: readonly string[];
  /** Shared whatever is set: asked for when it was started. */
  readonly always: boolean;
  /** The folder of a certificate that is made here. */
  readonly tlsFolder: string;
  /** The application for whoever comes over the network. */
  readonly appFor: (knowsHost: KnowsHost) => RequestListener;
}

const NO_PASSPHRASE = "Set a passphrase first: without one nobody is let in over the network.";

/** The second listener: it is there while the workshop is shared, and asks everybody who they are. */
export function sharedListener(options: SharedOptions): SharingSwitch {
  const { access, always, host, appFor, names } = options;
  let [server, state]: [Server | null, ShareState] = [null, { on: false, fault: null }];
  const close = async () => {
    if (server) await shut(server);
    server = null;
  };
  const refused = (fault: string | null): ShareState => ({ on: false, fault });
  async function follow(): Promise<ShareState> {
    await close();
    const sharing = await access.sharing.find();
    if (!sharing.on && !always) return refused(null);
    if (!sharing.hasPassphrase) return refused(NO_PASSPHRASE);
    const certificate = await certificateOf(sharing, options);
    if (!certificate.ok) return refused(certificate.problem.message);
    const opened = patientServer(appFor(hostsOf(host, names)), certificate.value);
    try {
      const port = await listen(opened, options);
      server = opened;
      const scheme = certificate.value ? "https" : "http";
      return {
        ...{ on: true, fingerprint: certificate.value?.fingerprint ?? null },
        authority: shownOf(certificate.value?.authority ?? null),
        addresses: hostsShown(host, names).map(
          (name) => `${scheme}://${name.includes(":") ? `[${name}]` : name}:${port}/`,
        ),
      };
    } catch (cause) {
      const { code } = cause as NodeJS.ErrnoException;
      if (code === "EADDRINUSE")
        return refused(
          `Port ${options.port} is taken on ${host}: stop what holds it, or start Stenz with another --share-port.`,
        );
      if (code === "EADDRNOTAVAIL" || code === "ENOTFOUND")
        return refused(`${host} is not an address of this machine.`);
      throw cause;
    }
  }
  const oneByOne = inTurn();
  const turned = (work: () => Promise<ShareState>): Promise<ShareState> =>
    oneByOne(async () => {
      state = await work();
      return state;
    });
  return {
    state: () => state,
    follow: () => turned(follow),
    stop: async () => {
      await turned(async () => {
        await close();
        return refused(null);
      });
    },
  };
}

/** What may be shown of an authority: pages are made from it, and its key is for nobody. */
const shownOf = (authority: Certificate | null) =>
  authority && { cert: authority.cert, fingerprint: authority.fingerprint };

/** The certificate of a sharing; null for none. */
async function certificateOf(
  sharing: Sharing,
  { tlsFolder, names }: SharedOptions,
): Promise<Result<(Certificate & { readonly authority: Certificate | null }) | null>> {
  if (sharing.tls === "none") return ok(null);
  if (sharing.tls === "own") {
    const own = ownCertificate(sharing);
    return own.ok ? ok({ ...own.value, authority: null }) : own;
  }
  try {
    const all = [...new Set(["localhost", "127.0.0.1", ...ownNames(), ...names])];
    return ok(await madeCertificate(tlsFolder, all, new Date()));
  } catch (cause) {
    return fail("tls-not-made", `A certificate could not be made in ${tlsFolder}: ${faultWords(cause)}.`);
  }
}

/** What it is opened by: names given, then addresses; on one address that one. */
function hostsShown(host: string, names: readonly string[]): string[] {
  if (host !== "0.0.0.0" && host !== "::") return [...names, host];
  const own = networkAddresses();
  return [...names, ...(own.length > 0 ? own : ["127.0.0.1"])].filter((name) => own.length === 0 || !isLoopback(name));
}
