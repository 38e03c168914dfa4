export { fileOfEverything, type OutFile, tableFiles } from "./everything.ts";
