import { BONE_KINDS, type BonesWorking, bonesCalculation } from "../bones/index.ts";
import type { DrawnJob } from "../pieces/index.ts";
import type { Needed } from "./needed.ts";

/** Hardware that is told by its length, in words: `26 cm`. */
const long = (mm: number): string => `${Number((mm / 10).toFixed(1))} cm`;

/** What bones and closing of a boned garment take, as they are kept, else as the rules place them; nothing before its panels are kept. */
export function bonesNeeded(job: DrawnJob): Needed[] {
  const working = (job.keptWorkings.bones as BonesWorking | undefined) ?? bonesCalculation.fresh;
  const { toBuy, numbers, rows } = bonesCalculation.reckon(working, bonesCalculation.facts(job));
  const value = (id: string): number | null => numbers.find((one) => one.id === id)?.explanation.result.value ?? null;
  const source = "Bones and closing";
  const length = (id: string, name: string, what: string): Needed[] => {
    const needMm = value(id);
    return needMm === null ? [] : [{ id: `bones/${id}`, name, what, needMm, source }];
  };
  const one = (id: string, name: string): Needed[] => {
    const mm = value(id);
    return mm === null ? [] : [{ id: `bones/${id}`, name: `${name} ${long(mm)}`, what: "closing", pieces: 1, source }];
  };
  return [
    ...toBuy.map(
      ({ kind, lengthMm, count }): Needed => ({
        ...{ id: `bones/${kind}/${lengthMm}`, name: `Bone, ${BONE_KINDS[kind]}, ${long(lengthMm)}` },
        ...{ what: "bone", pieces: count, source },
      }),
    ),
    ...length("tape", "Waist tape", "tape"),
    ...length("lace", "Lace", "closing"),
    ...(rows
      ? [
          {
            ...{ id: "bones/rows", name: working.loops ? "Loops" : "Eyelets", what: "closing" },
            ...{ pieces: 2 * rows.atMm.length, source },
          },
        ]
      : []),
    ...one("busk", "Busk"),
    ...one("zip", "Zip, at least"),
  ];
}
