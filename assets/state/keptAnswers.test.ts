import { beforeEach, expect, it } from 'vitest';
import { drafts } from './drafts.svelte';
import { KeptAnswers } from './keptAnswers';

beforeEach(() => {
  localStorage.clear();
  for (const one of drafts.list) drafts.drop(one.key);
});

function form() {
  const answers = { count: '1', first: '1' };
  const kept = new KeptAnswers(
    () => 'form.a',
    'A form',
    () => ({ ...answers }),
    (before) => Object.assign(answers, before),
  );
  kept.begin();
  return { answers, kept };
}

it('keeps the answers of a form until they are taken, and puts them back when it is opened again', () => {
  const { answers, kept } = form();
  kept.keep('words');
  expect(drafts.list).toEqual([]);
  answers.count = '6';
  kept.keep('6 of them');
  expect(drafts.open.map((one) => one.words)).toEqual(['6 of them']);
  const again = form();
  expect(again.answers).toEqual({ count: '6', first: '1' });
  again.kept.letGo();
  expect(form().answers.count).toBe('1');
});

it('keeps nothing of answers that are back where they began', () => {
  const { answers, kept } = form();
  answers.first = '10';
  kept.keep('');
  answers.first = '1';
  kept.keep('');
  expect(drafts.list).toEqual([]);
});
