export * from "./checks/index.ts";
export type { Draft, DraftGirth, DraftNumber, ElasticEdge, LengthLimit, OneLine } from "./draft.ts";
export * from "./geometry/index.ts";
export * from "./operations/index.ts";
export * from "./piece/index.ts";
export * from "./recipes/index.ts";
