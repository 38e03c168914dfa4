import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "remembers how lengths are shown",
    address: "/preferences",
    right: { unit: "in" },
    gives: 200,
    wrong: [[{ unit: "furlong" }, []]],
    leaves: true,
  },
]);
