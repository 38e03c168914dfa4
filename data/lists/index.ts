export { type ListQuery, likeAnywhere, type Page, pageByName, pageOf } from "./lists.ts";
