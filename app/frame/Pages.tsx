import Stack from "@mui/material/Stack";
import { LinkButton } from "./LinkButton.tsx";

/** Turns the pages of a long list. Nothing is shown while one page holds all. */
export function Pages({
  page,
  pageCount,
  query,
}: {
  page: number;
  pageCount: number;
  /** What the list was asked for, by the names in its address. */
  query: Readonly<Record<string, string>>;
}) {
  if (pageCount <= 1) return null;
  const address = (to: number) => `?${new URLSearchParams({ ...query, page: String(to) })}`;
  return (
    <Stack direction="row" spacing={2} sx={{ mt: 2, alignItems: "center" }}>
      {page > 1 ? <LinkButton to={address(page - 1)}>Earlier</LinkButton> : null}
      <span>
        Page {page} of {pageCount}
      </span>
      {page < pageCount ? <LinkButton to={address(page + 1)}>Further</LinkButton> : null}
    </Stack>
  );
}
