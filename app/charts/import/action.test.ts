import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "imports a chart",
    address: "/charts/import",
    right: { name: "Tide", ease: "stretch", unit: "cm", text: "size;body waist\n38;70" },
    gives: /^\/charts\/\d+$/,
    wrong: [
      [{ text: "" }, ["text"]],
      [{ text: "size;waist\n38;70" }, ["bareKind"]],
    ],
  },
]);
