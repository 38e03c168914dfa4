import type { Wearer } from "../../core/body/index.ts";
import { itKeeps, itLists } from "../testing/index.ts";

const WEARERS: Parameters<typeof itLists<Wearer>>[1] = {
  of: ({ wearers }) => wearers,
  records: () => [
    { name: "Ilva Thornbeck", kind: "person", child: false, allergies: "latex", notes: "" },
    { name: "Form of the back room", kind: "form", child: true, allergies: "", notes: "Padded to 92 cm." },
  ],
};

itKeeps("wearers", WEARERS);
itLists("wearers", WEARERS);
