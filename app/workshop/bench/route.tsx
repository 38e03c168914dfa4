import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { Form, redirect } from "react-router";
import { idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { styleNames } from "../../.server/read/styles.ts";
import { readFields } from "../../form/fields.server.ts";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { listQuery } from "../../frame/listQuery.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { SearchBox } from "../../frame/SearchBox.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import type { Route } from "./+types/route.ts";
import { JobCard } from "./JobCard.tsx";

export const meta = () => [{ title: "Bench · Stenz" }];

export const loader = guarded(async ({ request, context }: Route.LoaderArgs) => {
  const { search } = listQuery(request);
  const store = storeOf(context);
  const jobs = await store.jobs.list(search);
  const names = await styleNames(store);
  return {
    removed: await store.jobs.removed(),
    search,
    jobs: jobs.map((job) => ({ ...job, styleName: names.get(job.styleId) ?? "" })),
  };
});

/** Brings a job back that was deleted within the last day. */
export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const fields = await readFields(request);
  const id = idFrom(fields.job, "job");
  const back = await storeOf(context).inTransaction(({ jobs }) => jobs.restore(id));
  return back ? redirect(`/jobs/${id}`) : redirect("/");
});

export default function Bench({ loaderData }: Route.ComponentProps) {
  const { jobs, search, removed } = loaderData;
  return (
    <>
      <PageHead
        title="Bench"
        below="Jobs under way: one garment for one wearer, from the measures to the last prototype."
        actions={
          <>
            <LinkButton to="/jobs/import" variant="outlined">
              Import a job
            </LinkButton>
            <LinkButton to="/jobs/new" variant="contained">
              New job
            </LinkButton>
          </>
        }
      />
      {jobs.length > 0 || search ? <SearchBox label="Search jobs and wearers" search={search} /> : null}
      {jobs.length > 0 ? (
        <Box
          component="ul"
          sx={{
            display: "grid",
            gridTemplateColumns: "repeat(auto-fill, minmax(320px, 1fr))",
            gap: 2,
            p: 0,
            m: 0,
            listStyle: "none",
          }}
        >
          {jobs.map((job) => (
            <JobCard key={job.id} job={job} />
          ))}
        </Box>
      ) : (
        <NothingHere search={search} />
      )}
      <Removed jobs={removed} />
      <Alert severity="info" icon={false} sx={{ mt: 4, maxWidth: 760 }}>
        Stenz computes and remembers; you decide. It is no medical device.{" "}
        <TextLink to="/care">Where the work can hurt someone</TextLink>
      </Alert>
    </>
  );
}

/** Jobs deleted within the last day, to be brought back. */
function Removed({ jobs }: { jobs: Route.ComponentProps["loaderData"]["removed"] }) {
  if (jobs.length === 0) return null;
  return (
    <Alert severity="info" icon={false} sx={{ mt: 4, maxWidth: 760 }} aria-label="Deleted jobs">
      Deleted, and gone for good a day later:
      {jobs.map(({ id, name }) => (
        <Form method="post" action="/?index" key={id}>
          <strong>{name}</strong>{" "}
          <Button type="submit" name="job" value={id} size="small">
            Bring it back
          </Button>
        </Form>
      ))}
    </Alert>
  );
}

function NothingHere({ search }: { search: string }) {
  if (search) return <EmptyState title="Nothing found">No job and no wearer has “{search}” in the name.</EmptyState>;
  return (
    <EmptyState
      title="The bench is empty"
      action={
        <LinkButton to="/wearers/new" variant="contained">
          Add the first wearer
        </LinkButton>
      }
    >
      A job needs a wearer with a sheet of measures, and a cloth that was pulled once by hand. Start with the wearer;
      the job then says what it still needs.
    </EmptyState>
  );
}
