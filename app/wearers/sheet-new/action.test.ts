import { itActs } from "../../testing/itActs.ts";

const sheet = { takenOn: "2026-11-01", unit: "cm", tape: "snug", "measure.waist.single.take1": "74,2" };

itActs([
  {
    does: "takes a sheet",
    address: "/wearers/1/sheets/new",
    right: sheet,
    gives: /^\/sheets\/\d+$/,
    wrong: [
      [{ takenOn: "2099-01-01" }, ["takenOn"]],
      [{ "measure.waist.single.take1": "wide" }, ["measure.waist.single.take1"]],
      [{ "measure.waist.single.take1": "" }, ["form"]],
      [{ "measure.waist.single.not": "in a hurry" }, ["measure.waist.single.not"]],
    ],
    foreign: ["/wearers/99/sheets/new"],
  },
]);
