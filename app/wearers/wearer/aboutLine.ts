/** What is known of a wearer, in one line. */
export function aboutLine({
  kind,
  child,
  allergies,
}: {
  kind: string;
  child: boolean;
  allergies: string;
}): string | undefined {
  if (kind === "form") return "Dress form: it does not breathe and does not squash.";
  const parts = [
    child ? "A child: no firm garments; cords and ties by the local code." : "",
    allergies ? `Allergies: ${allergies}.` : "",
  ];
  return parts.filter((part) => part !== "").join(" ") || undefined;
}
