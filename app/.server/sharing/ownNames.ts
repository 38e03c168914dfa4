import { isIP } from "node:net";
import { hostname, networkInterfaces } from "node:os";

/** Addresses of this machine on its networks, those of the fourth kind first: they are typed by hand. */
export function networkAddresses(): string[] {
  const all = Object.values(networkInterfaces()).flatMap((of) => of ?? []);
  const outer = all.filter(({ internal, address }) => !internal && !address.startsWith("fe80:"));
  return [...new Set(outer.map(({ address }) => address))].toSorted((a, b) => isIP(a) - isIP(b));
}

/** Names and addresses this machine is reached by on its networks. */
export const ownNames = (): string[] => [hostname(), `${hostname()}.local`, ...networkAddresses()];
