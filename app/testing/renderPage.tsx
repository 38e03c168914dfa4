import { cleanup, render } from "@testing-library/react";
import type { ReactNode } from "react";
import { createRoutesStub } from "react-router";
import { afterEach } from "vitest";

afterEach(cleanup);

/** What a form was posted to, with its fields. */
export interface Posted {
  readonly address: string;
  readonly fields: Readonly<Record<string, string>>;
}

/** Draws a part of a page inside a router that notes what is posted, and answers it as told; with what its page reads, where it reads anything. */
export function renderPage(part: ReactNode, answer: (posted: Posted) => unknown = () => null, reads?: () => unknown) {
  const posted: Posted[] = [];
  const action = async ({ request }: { request: Request }) => {
    const fields = Object.fromEntries([...(await request.formData())].map(([name, value]) => [name, String(value)]));
    const one = { address: new URL(request.url).pathname, fields };
    posted.push(one);
    return answer(one);
  };
  const Page = createRoutesStub([
    { path: "/", Component: () => part, action, ...(reads ? { loader: reads } : {}) },
    { path: "/drafts", action },
    { path: "/preferences", action },
  ]);
  return { ...render(<Page />), posted };
}
