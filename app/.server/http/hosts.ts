import { ownNames } from "../sharing/ownNames.ts";

const LOOPBACK = /^(?:localhost|127(?:\.\d{1,3}){3}|\[::1\])$/i;

/** Splits a `Host` header into its name and port; null for anything a browser would not send. */
const HOST = /^((?:[a-z0-9](?:[a-z0-9.-]*[a-z0-9])?)|\[[0-9a-f:.]+\])(?::\d{1,5})?$/i;

/** Which names the server answers to, against pages elsewhere that point their own name at this machine. */
export type KnowsHost = (header: string | undefined) => boolean;

/** True for an address that only this machine reaches. */
export const isLoopback = (host: string): boolean => LOOPBACK.test(host) || host === "::1";

/**
 * The names a server answers to: those of this machine itself; where it was opened to a network, also the address it
 * listens on, the machine's own addresses and name, and the names the maker gave (`--name`).
 */
export function hostsOf(listensOn: string, given: readonly string[]): KnowsHost {
  const own = isLoopback(listensOn) ? given : [listensOn, ...ownNames(), ...given];
  const names = new Set(own.map((name) => (name.includes(":") ? `[${name}]` : name).toLowerCase()));
  return (header) => {
    const name = HOST.exec(header ?? "")?.[1]?.toLowerCase();
    return name !== undefined && (LOOPBACK.test(name) || names.has(name));
  };
}
