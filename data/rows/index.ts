export { copyKnown, openForeign } from "./copyKnown.ts";
export { ownFile, type Rows, type TableRows } from "./ownFile.ts";
export { columnsOf, schemaOf, tablesOf } from "./tables.ts";
