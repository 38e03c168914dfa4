export { assertImported } from "./assertImported.ts";
export { exportJob } from "./jobExport.ts";
export { importJob, type KnownHere, knownHere } from "./jobImport.ts";
export { exportWearer, importWearer } from "./wearerFile.ts";
