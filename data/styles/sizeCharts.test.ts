import type { SizeChart } from "../../core/ease/index.ts";
import { itKeeps, itLists } from "../testing/index.ts";

const CHARTS: Parameters<typeof itLists<SizeChart>>[1] = {
  of: ({ charts }) => charts,
  records: () => [
    {
      name: "Tide",
      notes: "",
      ease: "stretch",
      ownReduction: null,
      sizes: [{ name: "38", body: { waist: 700, hip: 960.5 }, finished: {} }],
    },
    {
      name: "Reef",
      notes: "Drawn loose.",
      ease: "loose",
      ownReduction: 0.12,
      sizes: [
        { name: "S", body: {}, finished: { waist: 640 } },
        { name: "M", body: { waist: 760 }, finished: { waist: 680, hip: 900 } },
      ],
    },
  ],
};

itKeeps<SizeChart>("size charts", CHARTS);
itLists<SizeChart>("size charts", CHARTS);
