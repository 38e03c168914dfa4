import { createContext } from "react-router";
import type { AccessStore, Device } from "../../../data/access/index.ts";

/** Who asks: somebody at the machine itself, a paired device, or anybody. */
export type Visitor =
  | { readonly kind: "machine" }
  | { readonly kind: "device"; readonly device: Device }
  | { readonly kind: "nobody" };

/** Who asks; nobody until it was looked at. */
export const visitorContext = createContext<Visitor>({ kind: "nobody" });

/** Who is let in, and by what. */
export const accessContext = createContext<AccessStore>();

/** Where a request came from on the network, to count its wrong tries. */
export const addressContext = createContext<string>("");
