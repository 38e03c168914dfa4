import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "imports a wearer",
    address: "/wearers/import",
    right: { file: new File(["{}"], "w.json") },
    gives: 400,
    wrong: [[{ file: "" }, []]],
    leaves: true,
  },
]);
