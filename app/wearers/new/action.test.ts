import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "adds a wearer",
    address: "/wearers/new",
    right: { name: "Ulla Fenn", kind: "person" },
    gives: /^\/wearers\/\d+$/,
    wrong: [
      [{ name: " " }, ["name"]],
      [{ kind: "ghost" }, ["kind"]],
    ],
  },
]);
