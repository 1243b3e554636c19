const KEYS: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 };
const GROUP = '[role=group], [role=toolbar], nav';

/**
 * Arrows move the focus inside a group of keys. In a row of faders left and right do, for up and down move the fader. What handles its
 * arrows itself, as tape and fields do, has prevented this before.
 */
export function alongGroup(event: KeyboardEvent): void {
  const by = KEYS[event.key];
  const target = event.target;
  if (by === undefined || event.defaultPrevented || event.altKey || event.ctrlKey || event.metaKey || event.shiftKey)
    return;
  if (!(target instanceof HTMLElement)) return;
  const group = target.closest<HTMLElement>(GROUP);
  const isFader = target.matches('input[type=range]');
  if (
    !group ||
    (isFader && (group.dataset.arrows !== 'faders' || event.key === 'ArrowUp' || event.key === 'ArrowDown'))
  )
    return;
  if (!isFader && !target.matches('button, a[href]')) return;
  const kind = isFader ? 'input[type=range]' : 'button, a[href]';
  const all = [...group.querySelectorAll<HTMLElement>(kind)].filter(
    (one) => one.closest(GROUP) === group && !one.matches(':disabled'),
  );
  event.preventDefault();
  all[all.indexOf(target) + by]?.focus();
}
