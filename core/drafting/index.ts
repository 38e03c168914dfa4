export * from "./geometry/index.ts";
