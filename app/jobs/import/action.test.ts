import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "imports a job",
    address: "/jobs/import",
    right: { file: new File(["{}"], "job.json") },
    gives: 400,
    wrong: [[{ file: "" }, []]],
    leaves: true,
  },
]);
