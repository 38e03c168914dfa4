import type { OperationCall } from "../../drafting/index.ts";

/** An operation with its numbers. */
export const call = (operation: string, params: OperationCall["params"]): OperationCall => ({ operation, params });
