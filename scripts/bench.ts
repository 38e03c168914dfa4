/** `npm run bench`: prints how fast and how heavy things are. Figures are looked at, never asserted. */
import { listFigures } from "./bench/lists.ts";
import { pageFigures } from "./bench/pages.ts";
import { planFigures } from "./bench/plan.ts";
import { report } from "./bench/report.ts";

console.log("Times on this machine, while nothing else should be running:\n");
const lists = await listFigures();
report([...(await planFigures()), ...lists.figures, ...(await pageFigures())]);
console.log(`\nHow the lists are read:\n${lists.plans.map((plan) => `  ${plan}`).join("\n")}`);
