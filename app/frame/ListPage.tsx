import type { ReactNode } from "react";
import type { Page } from "../../data/lists/index.ts";
import { EmptyState } from "./EmptyState.tsx";
import { PageHead } from "./PageHead.tsx";
import { Pages } from "./Pages.tsx";
import { SearchBox } from "./SearchBox.tsx";

interface ListPageProps {
  title: string;
  above?: ReactNode;
  below: string;
  actions: ReactNode;
  /** What was just done, above the list. */
  notices?: ReactNode;
  searchLabel?: string;
  search: string;
  page: Omit<Page<unknown>, "rows">;
  /** What is searched by name, for a search without a find: `wearer`. */
  what: string;
  /** Teaches what belongs here while there is none. */
  empty: { title: string; words: string; action?: ReactNode };
  /** What stands below the list. */
  after?: ReactNode;
  /** The rows of this page. */
  children: ReactNode;
}

/** A list that is searched and paged on the server: its head, its search, its rows, and what to do where it is empty. */
export function ListPage({ title, above, below, actions, search, page, what, empty, ...parts }: ListPageProps) {
  const { notices, searchLabel = "Search by name", after, children } = parts;
  return (
    <>
      <PageHead title={title} above={above} below={below} actions={actions} />
      {notices}
      {page.total > 0 || search ? <SearchBox label={searchLabel} search={search} /> : null}
      {page.total > 0 ? (
        children
      ) : (
        <EmptyState title={search ? "Nothing found" : empty.title} action={search ? null : empty.action}>
          {search ? `No ${what} has “${search}” in the name.` : empty.words}
        </EmptyState>
      )}
      <Pages page={page.page} pageCount={page.pageCount} query={search ? { q: search } : {}} />
      {after}
    </>
  );
}
