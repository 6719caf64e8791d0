/** Puts the focus on what a change of the page brings or leaves, once it is drawn: the place one worked at is not lost. */
export function focusSoon(selector: string): void {
  requestAnimationFrame(() =>
    requestAnimationFrame(() => document.querySelector<HTMLElement>(selector)?.focus()),
  );
}
