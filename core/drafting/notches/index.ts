export { withSeamNotches } from "./seamNotches.ts";
