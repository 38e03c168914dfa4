/**
 * Writes into a field as if it had been typed. React keeps its own copy of the value: the browser's own setter lets it,
 * and the form's draft, see the change.
 */
export function setInput(input: HTMLInputElement | HTMLTextAreaElement, text: string): void {
  Object.getOwnPropertyDescriptor(Object.getPrototypeOf(input), "value")?.set?.call(input, text);
  input.dispatchEvent(new Event("input", { bubbles: true }));
}
