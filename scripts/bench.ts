/** `npm run bench`: prints how fast and how heavy things are. Figures are looked at, never asserted. */
import { pageFigures } from "./bench/pages.ts";
import { planFigures } from "./bench/plan.ts";
import { report } from "./bench/report.ts";

console.log("Times on this machine, while nothing else should be running:\n");
report([...(await planFigures()), ...(await pageFigures())]);
