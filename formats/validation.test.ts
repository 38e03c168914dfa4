import { Type } from "typebox";
import { describe, expect, it } from "vitest";
import { validator } from "./validation.ts";

describe("data against a schema", () => {
  const validate = validator(
    Type.Object(
      { name: Type.String(), size: Type.Number({ minimum: 1 }), kind: Type.Optional(Type.Enum(["knit", "net"])) },
      { additionalProperties: false },
    ),
  );
  const message = (data: unknown) => {
    const result = validate(data);
    return result.ok ? "ok" : result.problem.message;
  };

  it.each([
    [{ name: "a", size: 2 }, "ok"],
    [{ size: 2 }, "Expected the input to have “name”, but it is missing."],
    [{ name: "a", size: 0 }, "Expected size to be >= 1, but got 0."],
    [{ name: "a", size: "2" }, 'Expected size to be number, but got "2".'],
    [{ name: "a", size: 2, kind: "felt" }, 'Expected kind to be one of knit, net, but got "felt".'],
    [{ name: "a", size: 2, other: 1 }, "Expected only known keys in the input, but got “other”."],
    [7, "Expected the input to be object, but got 7."],
  ])("%j: %s", (data, text) => expect(message(data)).toBe(text));

  it("repeats long data shortened", () =>
    expect(message({ name: "a", size: "x".repeat(500) }).length).toBeLessThan(120));
});
