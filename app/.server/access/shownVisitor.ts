import type { ShownVisitor } from "../../frame/visitor/VisitorContext.ts";
import type { Visitor } from "./visitor.ts";

/** What pages know of who asks. */
export const shownVisitor = (visitor: Visitor): ShownVisitor =>
  visitor.kind === "device"
    ? { role: visitor.device.role, name: visitor.device.name }
    : { role: visitor.kind === "machine" ? "machine" : "nobody", name: "" };
