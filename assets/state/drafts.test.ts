import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Drafts } from './drafts.svelte';

beforeEach(() => localStorage.clear());

describe('what is typed', () => {
  it('is there again in a new window, newest first, until it is dropped', () => {
    const drafts = new Drafts();
    drafts.keep('a', 'one', 'Name');
    drafts.keep('b', 'two', 'Note');
    drafts.keep('a', 'three', 'Name');
    expect(new Drafts().text('a')).toBe('three');
    drafts.drop('a');
    expect(new Drafts().list.map((one) => one.text)).toEqual(['two']);
  });

  it('of one form goes together', () => {
    const drafts = new Drafts();
    for (const key of ['new-rig.name', 'new-rig.venue', 'paste.x']) drafts.keep(key, 'text', 'Field');
    drafts.dropAll('new-rig.');
    expect(new Drafts().list.map((one) => one.key)).toEqual(['paste.x']);
  });

  it('that was on its way at a reload is done with when its write is answered', () => {
    vi.useFakeTimers({ now: 10_000 });
    const drafts = new Drafts();
    drafts.keep('typed', 'never sent', 'Name');
    drafts.keep('sent', '140', 'Address');
    drafts.taking('sent');
    expect(new Drafts().open.map((one) => one.key)).toEqual(['typed']);
    new Drafts().answered(10_010);
    expect(new Drafts().list.map((one) => one.key)).toEqual(['typed']);
    vi.useRealTimers();
  });

  it('survives what somebody else has left in the browser’s storage', () => {
    localStorage.setItem('rigger.draft.x', 'no JSON');
    localStorage.setItem('rigger.draft.y', '{"key":1}');
    expect(new Drafts().list).toEqual([]);
  });
});
