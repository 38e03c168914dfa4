/**
 * An outcome must be used: whoever waits for a save, a check or a look-up that can answer “no” has to look at the
 * answer. A statement that throws one away (`await styles.save(style);`) would tell its reader that it was done.
 */
export const useOutcome = {
  meta: {
    type: "problem",
    messages: {
      dropped: "This can answer that it was not done: use the answer, or say with savedOrThrow that it must.",
    },
    schema: [],
  },
  create(context) {
    const { program, esTreeNodeToTSNodeMap } = context.sourceCode.parserServices;
    const checker = program.getTypeChecker();
    return {
      ExpressionStatement({ expression }) {
        const waited = expression.type === "AwaitExpression";
        const call = waited ? expression.argument : expression;
        if (call.type !== "CallExpression") return;
        const type = checker.getTypeAtLocation(esTreeNodeToTSNodeMap.get(expression));
        if (canSayNo(type, waited)) context.report({ node: expression, messageId: "dropped" });
      },
    };
  },
};

/** True for a union whose members say `saved` or `ok`, and for what is waited for and comes as yes or no, or as nothing. */
function canSayNo(type, waited) {
  const members = type.isUnion() ? type.types : [type];
  const says = (name) => members.some((member) => member.getProperty(name));
  if (members.length > 1 && (says("saved") || (says("ok") && says("problem")))) return true;
  return waited && members.some(({ intrinsicName }) => ["true", "false", "boolean", "null"].includes(intrinsicName));
}
