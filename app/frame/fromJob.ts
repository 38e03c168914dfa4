/** The job a page was opened from, as its address says; null where it was opened on its own. */
export function withJob(address: URLSearchParams): number | null {
  const text = address.get("job") ?? "";
  return /^[1-9]\d{0,14}$/.test(text) ? Number(text) : null;
}

/** An address that keeps the way back to the job that the present one was opened from. */
export function keepingJob(to: string, request: Request): string {
  const job = withJob(new URL(request.url).searchParams);
  return job === null ? to : `${to}?job=${job}`;
}
