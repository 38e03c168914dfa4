import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "copies a style",
    address: "/styles",
    right: { copy: "brief" },
    gives: /^\/styles\/\d+$/,
    foreign: [["/styles", { copy: "__proto__" }]],
  },
]);
