import { notFound } from "../../.server/http/answers.ts";

/** Any other address is a 404 page. */
export const loader = () => notFound("page");

export default function NotFound() {
  return null;
}
