export { type FormRead, unless, wrong } from "./formRead.ts";
export * from "./kinds/index.ts";
export { type FlatFields, payloadOf } from "./payload.ts";
export { isWhole, type Messages, readTree } from "./readTree.ts";
export {
  all,
  each,
  type FormFacts,
  type FormSchema,
  group,
  listOf,
  orElse,
  orNull,
  record,
  type ValueOf,
} from "./schema.ts";
