import { redirect } from "react-router";
import { visitorContext } from "../../.server/access/visitor.ts";
import { storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { RowTable } from "../../frame/RowTable.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import type { Route } from "./+types/route.ts";

export const meta = () => [{ title: "Fittings · Stenz" }];

export const loader = guarded(async ({ context }: Route.LoaderArgs) => {
  const visitor = context.get(visitorContext);
  // Whoever sees the whole workshop finds its jobs at the bench.
  if (visitor.kind !== "device" || visitor.device.role !== "fittings") throw redirect("/");
  const { jobs, identities, wearers, prototypes } = storeOf(context);
  const found = await Promise.all(
    visitor.device.jobs.map(async (identity) => {
      const id = await identities.find("jobs", identity);
      const job = id === null ? null : await jobs.find(id);
      if (!job) return [];
      const wearer = await wearers.find(job.wearerId);
      const made = await prototypes.ofJob(job.id);
      return [{ id: job.id, name: job.name, wearer: wearer?.name ?? "", last: made.at(-1)?.number ?? null }];
    }),
  );
  return { jobs: found.flat() };
});

export default function Fittings({ loaderData }: Route.ComponentProps) {
  const { jobs } = loaderData;
  return (
    <>
      <PageHead title="Fittings" below="The jobs this device was paired for." />
      {jobs.length === 0 ? (
        <EmptyState title="No job is here any more">
          Those this device was paired for are done with or were taken off. Have it given others on the machine Stenz
          runs on.
        </EmptyState>
      ) : (
        <RowTable
          label="Jobs to fit"
          columns={[{ head: "Job" }, { head: "Wearer", as: "words" }, { head: "To be tried on", as: "words" }]}
          rows={jobs.map(({ id, name, wearer, last }) => ({
            key: id,
            head: <TextLink to={`/jobs/${id}`}>{name}</TextLink>,
            cells: [
              wearer,
              last === null ? (
                "not cut yet"
              ) : (
                <TextLink key="last" to={`/jobs/${id}/prototypes/${last}/fitting`}>{`Prototype ${last}`}</TextLink>
              ),
            ],
          }))}
        />
      )}
    </>
  );
}
