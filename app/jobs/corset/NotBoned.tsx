import { EmptyState } from "../../frame/EmptyState.tsx";
import { LinkButton } from "../../frame/LinkButton.tsx";

/** Of a garment whose cloth gives, not the body. */
export function NotBoned({ jobId }: { jobId: number }) {
  return (
    <EmptyState
      title="Not a boned garment"
      action={<LinkButton to={`/jobs/${jobId}/ease`}>To the ease plan</LinkButton>}
    >
      Its cloth gives, not the body: how much smaller it is cut stands in the ease plan.
    </EmptyState>
  );
}
