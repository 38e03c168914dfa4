import { leftOut } from "../../../core/parts/index.ts";
import { reckonWorking } from "../../../core/workings/index.ts";
import { pieceListPdf } from "../../../formats/parts/pieceListPdf.ts";
import { pieceRowsCsv } from "../../../formats/parts/pieceRowsCsv.ts";
import { notFound } from "../../.server/http/answers.ts";
import { download } from "../../.server/http/download.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { workingsOfFile } from "../../.server/read/workingsOfFile.ts";
import { shownLengths } from "../../frame/preferences/preferences.ts";
import type { Route } from "./+types/route.ts";

/** The pieces of a garment as its parts are kept, as a PDF to tick or as a list. */
export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const { read, kept, facts } = await workingsOfFile({ request, params, context });
  const { working } = kept.parts;
  const { rows: all, lines, checks } = reckonWorking("parts", working, facts.parts);
  const rows = all.filter(({ id }) => !leftOut(working).includes(id));
  if (rows.length === 0) notFound("piece: none is kept yet");
  const title = `${read.job.name}: pieces to cut`;
  if (params.file === "csv") return download(pieceRowsCsv(rows, working.cut), title, "csv");
  if (params.file !== "pdf") notFound("kind of file");
  const { unit } = await shownLengths(request);
  const pdf = await pieceListPdf({
    ...{ title, rows, lines, checks, cut: working.cut, unit, paper: unit === "in" ? "LETTER" : "A4" },
    subtitle: `For ${read.wearer.name}. Tick each piece as it is cut.`,
  });
  return download(new Uint8Array(pdf), title, "pdf");
});
