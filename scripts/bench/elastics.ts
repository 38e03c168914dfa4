import { readFileSync } from "node:fs";
import { join } from "node:path";
import { Bench } from "tinybench";
import { monotoneCubic } from "../../core/cloth/index.ts";
import { drawBy } from "../../core/drafting/index.ts";
import { ELASTIC_NUMBERS, type ElasticsFacts, elasticsCalculation, NEW_ELASTICS } from "../../core/elastics/index.ts";
import { ELASTIC_EDGES, elasticRings } from "../../core/pieces/index.ts";
import { readDraftFile } from "../../formats/drafts/draftFile.ts";
import { type Figures, medianMs } from "./report.ts";

/** The whole elastics page of a one-piece: every edge by every school, with the way to each number that is shown. */
export async function* figures(): Figures {
  const request = readDraftFile(readFileSync(join(process.cwd(), "formats", "drafts", "onePiece.json"), "utf8"));
  const drawn = request.ok ? drawBy(request.value.recipe, request.value.facts) : request;
  if (!drawn.ok) throw new Error(drawn.problem.message);
  const curve = monotoneCubic([
    [0, 0],
    [0.2, 1.4],
    [0.4, 3.4],
  ]);
  const tested = { forceN: { cubic: curve, pooledBy: 0 }, recovery: 0.9, usable: 0.8 };
  const edge = { id: 7, name: "Plush", forceN: tested.forceN, kind: "plush", widthMm: 10, tested };
  const facts: ElasticsFacts = {
    rings: elasticRings(drawn.value, { along: { front: 1, back: 1, side: 1 }, round: {} }),
    ...{ elastics: [edge], edge, passMm: { waist: 980, overbust: 1010 }, opens: {}, bodyMm: {}, sizes: { hip: "M" } },
    lowPart: 0.3,
    ...{ changes: [], waiting: [] },
  };
  const edges = ELASTIC_EDGES.map(({ id }) => ({
    ...{ at: id, name: "", elastic: "first", school: "tension", ratio: null, kpa: 1 },
    ...{ edgeMm: 300, backMm: 320, bodyMm: 720 },
  })) as (typeof NEW_ELASTICS)["edges"];
  const chart = ELASTIC_EDGES.map(({ id }) => ({
    ...{ size: "M", at: id, name: "", count: null, widthMm: 10, lengthMm: 560 },
  }));
  const working = { ...NEW_ELASTICS, edges, size: "M", chart };
  const page = (): void => {
    const { edges: all } = elasticsCalculation.reckon(working, facts);
    for (const { ring, schools, cut, elastic, chart: read } of all)
      for (const { answer } of schools)
        if (answer.ok)
          for (const { explain } of ELASTIC_NUMBERS)
            explain(ring, answer.value, cut, { elasticName: elastic?.name ?? "", chart: read });
  };
  const bench = new Bench({ time: 500 });
  bench.add("page", page);
  await bench.run();
  const [task] = bench.tasks;
  if (!task) throw new Error("Nothing was run.");
  yield {
    ...{ name: `elastics page, ${edges.length} edges by four schools, median`, unit: "ms", under: 1 },
    value: medianMs(task),
  };
}
