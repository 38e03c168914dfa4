/** What a page of the days tells of a job. */
export interface NamedJob {
  readonly jobId: number;
  readonly name: string;
  readonly wearerName: string;
}
