import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "keeps a cloth's photo",
    address: "/cloths/1/photo",
    right: { photo: new File(["no picture"], "p.jpg", { type: "image/jpeg" }) },
    gives: 400,
    leaves: true,
  },
]);
