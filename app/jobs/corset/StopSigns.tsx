import Alert from "@mui/material/Alert";

/** When to loosen at once, and who asks a clinician first: on every screen where something is laced. */
export function StopSigns() {
  return (
    <Alert severity="error" icon={false} sx={{ mb: 2 }}>
      <strong>Loosen at once</strong> at pain, numbness, tingling, breathlessness, faintness or heartburn. Never press
      on. Not in pregnancy, not for sleeping, not for children; with conditions of lung, heart, gut, spine or
      circulation ask a clinician first.
    </Alert>
  );
}
