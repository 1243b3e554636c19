import { describe, expect, it } from 'vitest';
import type { Command, Taken } from '../api/playback';
import { Hand } from './hand';

type Sent = { number: number; commands: Command[]; answer: (taken: Taken) => Promise<void> };

function hand() {
  const sent: Sent[] = [];
  const trouble: Taken[] = [];
  const made = new Hand(
    (number, commands) =>
      new Promise((done) =>
        sent.push({
          number,
          commands,
          answer: async (taken) => {
            done(taken);
            await Promise.resolve();
            await Promise.resolve();
          },
        }),
      ),
    (taken) => trouble.push(taken),
  );
  made.release();
  return { hand: made, sent, trouble };
}
const move = (address: number, value: number): Command => ({
  do: 'move-faders',
  slots: { [String(address)]: value },
  row: 'first',
});

describe('a hand', () => {
  it('has two requests on their way, the later with all of the earlier', async () => {
    const { hand: made, sent } = hand();
    made.do(move(1, 10));
    made.do(move(2, 20));
    made.do(move(1, 30));
    made.do(move(1, 31));
    expect(sent.map((one) => one.commands)).toEqual([
      [move(1, 10)],
      [{ do: 'move-faders', slots: { '1': 10, '2': 20 }, row: 'first' }],
    ]);
    await sent[1]?.answer('taken');
    expect(sent[2]?.commands).toEqual([move(1, 31)]); // What came first is in the second.
    await sent[2]?.answer('taken');
    expect(sent).toHaveLength(3);
  });

  it('keeps the newest of each thing, and nothing passes what must happen once', async () => {
    const { hand: made, sent } = hand();
    made.do({ do: 'recall-look', look: 'a' });
    made.do(move(1, 1));
    made.do({ do: 'set-master', value: 5 });
    made.do(move(1, 2));
    made.do({ do: 'set-cross', fader: 'crossA', value: 1 });
    made.do({ do: 'set-cross', fader: 'crossB', value: 2 });
    made.do({ do: 'set-master', value: 6 });
    expect(sent).toHaveLength(1);
    await sent[0]?.answer('taken');
    expect(sent[1]?.commands).toEqual([
      move(1, 2),
      { do: 'set-master', value: 6 },
      { do: 'set-cross', fader: 'crossA', value: 1 },
      { do: 'set-cross', fader: 'crossB', value: 2 },
    ]);
    made.do({ do: 'clear-faders' });
    made.do(move(1, 9));
    expect(sent).toHaveLength(2);
    await sent[1]?.answer('taken');
    expect(sent[2]?.commands).toEqual([{ do: 'clear-faders' }, move(1, 9)]);
  });

  it('keeps what nobody took, and drops what was refused', async () => {
    const { hand: made, sent, trouble } = hand();
    made.do(move(1, 1));
    made.do(move(2, 2));
    await sent[0]?.answer('away');
    made.do(move(3, 3));
    await sent[1]?.answer('away');
    expect(sent).toHaveLength(2);
    expect(trouble).toEqual(['away', 'away']);
    made.release();
    expect(sent[2]?.commands).toEqual([{ do: 'move-faders', slots: { '1': 1, '2': 2, '3': 3 }, row: 'first' }]);
    await sent[2]?.answer('refused');
    expect(made.takeAll()).toEqual([]);
    made.do(move(4, 4));
    expect(sent[3]?.commands).toEqual([move(4, 4)]);
  });

  it('counts on, so that an earlier request says nothing new after a later one', async () => {
    const { hand: made, sent } = hand();
    expect(made.next).toBe(1);
    made.do(move(1, 1));
    made.do(move(1, 2));
    expect([sent.map((one) => one.number), made.next]).toEqual([[1, 2], 3]);
  });
});
