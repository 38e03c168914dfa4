import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "erases a wearer",
    address: "/wearers/3/erase",
    right: { typedName: "Wenna Paskell" },
    gives: /^\/wearers\?erased=/,
    wrong: [
      [{ typedName: "" }, ["typedName"]],
      [{ typedName: "Wenna" }, ["typedName"]],
    ],
    foreign: ["/wearers/99/erase"],
  },
]);
