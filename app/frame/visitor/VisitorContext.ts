import { createContext, useContext } from "react";

/** Who looks at a page: the machine itself, a device by its role, or nobody who was let in. */
export interface ShownVisitor {
  readonly role: "machine" | "whole" | "fittings" | "look" | "nobody";
  /** What a device was named when it was paired. */
  readonly name: string;
}

/** Who looks at the pages. */
export const VisitorContext = createContext<ShownVisitor>({ role: "machine", name: "" });

/** Who looks at this page. */
export const useVisitor = (): ShownVisitor => useContext(VisitorContext);
