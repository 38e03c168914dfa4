/** Measures one group of figures and prints each as it comes: `group.ts NAME`. */
import { asShipped } from "./asShipped.ts";
import { GROUPS } from "./groups.ts";
import { type Figures, report } from "./report.ts";

const group = GROUPS.find(({ name }) => name === process.argv[2]);
if (!group) throw new Error(`Expected the name of a group, but got “${process.argv[2]}”.`);
type Module = { figures(): Figures };
const { figures } = group.shipped
  ? await asShipped<Module>(group.name)
  : ((await import(`./${group.name}.ts`)) as Module);
for await (const figure of figures()) {
  if (typeof figure === "string") console.log(figure);
  else report(figure);
}
