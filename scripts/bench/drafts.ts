import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { finished } from "node:stream/promises";
import { setFlagsFromString } from "node:v8";
import { runInNewContext } from "node:vm";
import { Bench } from "tinybench";
import {
  breastOf,
  checkDraft,
  cupPatches,
  cupSurfaces,
  type Draft,
  type DraftFacts,
  drawBy,
  flatCup,
  operate,
  QUICK_NET,
  recipeOf,
} from "../../core/drafting/index.ts";
import { readDraftFile } from "../../formats/drafts/draftFile.ts";
import { draftJson } from "../../formats/drafts/draftJson.ts";
import { draftPdf } from "../../formats/drafts/print/draftPdf.ts";
import { PIECE_FORMATS } from "../../formats/drafts/print/papers.ts";
import { type Figures, medianMs } from "./report.ts";

const FOLDER = join(process.cwd(), "formats", "drafts");

/** Pieces of the garment that is printed. */
const PRINTED = 12;

/** Every example file drafted with all rules, as a file, a thousand times in a row, and a garment of twelve pieces on paper. */
export async function* figures(): Figures {
  const examples = readdirSync(FOLDER)
    .filter((name) => name.endsWith(".json"))
    .map((name) => {
      const request = readDraftFile(readFileSync(join(FOLDER, name), "utf8"));
      if (!request.ok) throw new Error(`${name}: ${request.problem.message}`);
      return { ...request.value, name: name.replace(/\.json$/, "") };
    });
  const draw = ({ recipe, facts }: (typeof examples)[number]): Draft => {
    const drawn = drawBy(recipe, facts);
    if (!drawn.ok) throw new Error(drawn.problem.message);
    return drawn.value;
  };
  const changed = (example: (typeof examples)[number]): Draft => {
    const done = operate(draw(example), example.operations);
    if (!done.ok) throw new Error(done.problem.message);
    return done.value.draft;
  };
  const [first] = examples;
  if (!first) throw new Error("There are no examples of drafts.");
  for (const example of examples) {
    const value = await medianOf(() => void checkDraft(changed(example)));
    const figure = { name: `${example.name} drafted with all rules, median`, value, unit: "ms" };
    yield example.operations.length > 0 ? figure : { ...figure, under: recipeOf(example.recipe)?.costly ? 300 : 5 };
  }
  const value = await medianOf(() => void draftJson(draw(first)));
  yield { name: `${first.recipe} drafted, cut lines and all, as a file, median`, value, unit: "ms" };
  yield { name: "a cup's piece of 480 triangles laid flat, median", value: await flatMs(), unit: "ms", under: 60 };
  const answerMs = await firstAnswerMs(examples);
  yield { name: "a moved seam's first answer, both cups, median", value: answerMs, unit: "ms", under: 33 };
  yield { name: "1,000 drafts in a row: growth of memory", value: growthOf(() => void draw(first)), unit: "MB" };
  const printedMs = await printed(examples.map(draw));
  yield { name: `${PRINTED} pieces on A4 tiles`, value: printedMs, unit: "ms", under: 2000 };
}

/** The median of half a second of runs, ms. */
async function medianOf(work: () => void): Promise<number> {
  const bench = new Bench({ time: 500 }).add("it", work);
  await bench.run();
  const [task] = bench.tasks;
  if (!task) throw new Error("Nothing was run.");
  return medianMs(task);
}

/** How long a lower cup takes to be laid flat from its surface, ms. */
async function flatMs(): Promise<number> {
  const breast = breastOf({
    ...{ rootWidthMm: 136, rootHeightMm: 128, wireLineMm: 212, projectionMm: 66 },
    ...{ lowerCupMm: 96, upperCupMm: 101, crossCupMm: 205 },
  });
  if (!breast.ok) throw new Error(breast.problem.message);
  const lower = cupPatches(breast.value, "crossVertical", { crossMm: 0, uprightMm: 0 })[1];
  if (!lower) throw new Error("A cup has a lower piece.");
  return medianOf(() => void flatCup(breast.value, lower));
}

/** How long the cups of an example take to be shown on the breast by the coarse net, ms. */
async function firstAnswerMs(
  examples: readonly { readonly name: string; readonly facts: DraftFacts }[],
): Promise<number> {
  const [recipe, example] = [recipeOf("cup"), examples.find(({ name }) => name === "cup")];
  if (!recipe || !example) throw new Error("There is an example of cups.");
  return medianOf(() => void cupSurfaces(recipe, example.facts, QUICK_NET));
}

/** Collects what nothing holds any more: else the figure is of what was not collected yet. */
function collect(): void {
  setFlagsFromString("--expose-gc");
  (runInNewContext("gc") as () => void)();
}

/** What a thousand runs leave behind, after as many to warm up. */
function growthOf(work: () => void): number {
  const run = () => {
    for (let count = 0; count < 1000; count += 1) work();
    collect();
    return process.memoryUsage().heapUsed;
  };
  const before = run();
  return (run() - before) / 1_000_000;
}

async function printed(drafts: readonly Draft[]): Promise<number> {
  const [format] = PIECE_FORMATS;
  const pieces = drafts.flatMap((draft, at) =>
    draft.pieces.map((piece) => ({
      ...piece,
      id: `${piece.id}${at}`,
      edges: piece.edges.map((edge) => ({ ...edge, seam: null })),
    })),
  );
  const [first] = drafts;
  if (!format || !first || pieces.length < PRINTED) throw new Error(`There are no ${PRINTED} pieces to print.`);
  const from = performance.now();
  const { stream } = draftPdf({ ...first, pieces: pieces.slice(0, PRINTED) }, { title: "Bench", format });
  stream.resume();
  await finished(stream);
  return performance.now() - from;
}
