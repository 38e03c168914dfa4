import { Ajv, type ValidateFunction } from "ajv";

/**
 * What compiles schemas: all mistakes are told, with what came, and a word that no schema knows is refused. A schema is compiled
 * with the first that is checked against it, so that starting the server waits for none of them.
 *
 * @param vocabulary words that schemas may hold beside those of JSON Schema.
 */
export function schemaCompiler(vocabulary: readonly string[] = []): (schema: object) => () => ValidateFunction {
  const ajv = new Ajv({ allErrors: true, verbose: true, strict: true, strictTuples: false });
  ajv.addVocabulary([...vocabulary]);
  return (schema) => {
    let compiled: ValidateFunction | null = null;
    return () => {
      compiled ??= ajv.compile(schema);
      return compiled;
    };
  };
}
