/** Puts the focus on a field as soon as it stands there: the hand that opened it goes on typing. */
export function focused(node: HTMLElement): void {
  node.focus();
}
