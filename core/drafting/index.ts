export * from "./geometry/index.ts";
export * from "./operations/index.ts";
