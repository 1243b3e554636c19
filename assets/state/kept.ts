import { untrack } from 'svelte';
import type { Attachment } from 'svelte/attachments';
import { drafts } from './drafts.svelte';

/**
 * Keeps what is typed into a field until it is taken (the field is empty again), and puts it back when the field is shown anew.
 *
 * @param key   where it belongs: form and field, with the unit or channel that is meant
 * @param label what the field is called
 */
export function kept(key: string, label: string, value: () => string, put: (text: string) => void): Attachment {
  let isFirst = true;
  return () => {
    const now = value();
    untrack(() => {
      if (isFirst) {
        isFirst = false;
        const before = drafts.text(key);
        if (now === '' && before !== null) put(before);
      } else if (now === '') drafts.drop(key);
      else drafts.keep(key, now, label);
    });
  };
}
