import { PlaceNav } from "../../frame/PlaceNav.tsx";

const PLACES = [
  { to: "prototypes", label: "Prototypes" },
  { to: "changes", label: "Changes to cut" },
  { to: "zones", label: "Zone by zone" },
  { to: "compare", label: "Two side by side" },
  { to: "history", label: "History" },
  { to: "sign-off", label: "Sign-off" },
] as const;

/** The pages of a job's prototypes, one press apart. */
export const PrototypeNav = ({ jobId }: { jobId: number }) => (
  <PlaceNav
    label="Pages of the prototypes"
    places={PLACES.map(({ to, label }) => ({ to: `/jobs/${jobId}/${to}`, label }))}
  />
);
