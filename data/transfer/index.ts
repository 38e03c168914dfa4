export { assertImported } from "./assertImported.ts";
export { copyJob } from "./copyJob.ts";
export { exportJob } from "./jobExport.ts";
export { importJob } from "./jobImport.ts";
export { type KnownHere, knownHere } from "./known.ts";
export { takeOverJob } from "./takeOverJob.ts";
export { exportWearer, importWearer } from "./wearerFile.ts";
