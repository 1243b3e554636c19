type Remark = { line: number; code: string; message: string };
export type LineMark = { line: number; kind: 'read' | 'guessed' | 'not' | 'blank'; words: string };

const WORST = ['not_understood', 'no_such_function', 'guessed', 'turned_round'];

/** How each line of a pasted page was read: its worst remark decides. */
export function marksOf(text: string, remarks: readonly Remark[], isRead: boolean): LineMark[] {
  const byLine = new Map<number, Remark[]>();
  for (const remark of remarks) byLine.set(remark.line, [...(byLine.get(remark.line) ?? []), remark]);
  return text.split(/\r\n|\n|\r/).map((words, index) => {
    const line = index + 1;
    const own = (byLine.get(line) ?? []).toSorted((one, other) => WORST.indexOf(one.code) - WORST.indexOf(other.code));
    const worst = own[0];
    const kind = worst
      ? worst.code === 'not_understood'
        ? 'not'
        : 'guessed'
      : words.trim() && isRead
        ? 'read'
        : 'blank';
    return { line, kind, words: own.map((one) => one.message).join(' ') };
  });
}

/** "3 lines not understood, 2 guessed", or that all went well. */
export function summaryOf(marks: readonly LineMark[]): string {
  const count = (kind: LineMark['kind']) => marks.filter((one) => one.kind === kind).length;
  const [read, guessed, not] = [count('read'), count('guessed'), count('not')];
  const parts = [`${read} ${read === 1 ? 'line' : 'lines'} read`];
  if (guessed) parts.push(`${guessed} guessed`);
  if (not) parts.push(`${not} not understood`);
  return parts.join(', ');
}
