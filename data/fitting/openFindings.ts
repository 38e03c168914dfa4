/**
 * Counts the findings of a job that wait for the maker's word, as `needsWord` of the core tells them; `job` is an
 * expression that gives its id.
 */
export const openFindingsOf = (job: string): string => `(select count(*) from prototypes p
  join fittings t on t.prototype_id = p.id
  join findings f on f.fitting_id = t.id and f.removed = 0
  left join changes c on c.finding_id = f.id
  where p.job_id = ${job} and c.id is null and f.kind <> 'comfort')`;
