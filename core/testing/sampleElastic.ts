import { monotoneCubic } from "../cloth/index.ts";
import type { NamedElastic } from "../elastic/index.ts";

/** An elastic that was tested with loads. */
export const SAMPLE_ELASTIC: NamedElastic = {
  name: "Plush, 8 mm",
  widthMm: 8,
  tested: {
    forceN: {
      cubic: monotoneCubic([
        [0, 0],
        [0.2, 1.4],
        [0.4, 3.4],
      ]),
      pooledBy: 0,
    },
    recovery: 0.9,
    usable: 0.8,
  },
};
