/** Takes kept content of one format to the next; what it does not know it leaves for the schema to refuse. */
export type Upcast = (older: Readonly<Record<string, unknown>>) => Record<string, unknown>;
