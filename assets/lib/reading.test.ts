import { describe, expect, it } from 'vitest';
import { marksOf, summaryOf } from './reading';

const remark = (line: number, code: string) => ({ line, code, message: `${code} ${line}` });

describe('the marks beside a page', () => {
  it('marks a line by its worst remark', () => {
    const marks = marksOf(
      'a\nb\nc',
      [remark(2, 'turned_round'), remark(2, 'not_understood'), remark(3, 'guessed')],
      true,
    );
    expect(marks.map((one) => one.kind)).toEqual(['read', 'not', 'guessed']);
    expect(marks[1]?.words).toBe('not_understood 2 turned_round 2');
  });

  it('leaves blank lines alone, and all of them until something was read', () => {
    expect(marksOf('a\n\nb', [], true).map((one) => one.kind)).toEqual(['read', 'blank', 'read']);
    expect(marksOf('a', [], false).map((one) => one.kind)).toEqual(['blank']);
  });

  it('counts lines whatever ends them', () => {
    expect(marksOf('a\r\nb\rc', [], true).map((one) => one.line)).toEqual([1, 2, 3]);
  });

  it('says it in one line', () => {
    expect(summaryOf(marksOf('a\nb\nc', [remark(3, 'not_understood')], true))).toBe('2 lines read, 1 not understood');
    expect(summaryOf(marksOf('a', [], true))).toBe('1 line read');
  });
});
