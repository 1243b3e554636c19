import type { Rig } from '../api/types';

/** What comes first in a new rig, and what comes next. */
export type StepKey = 'hang' | 'desk' | 'addresses' | 'set' | 'look' | 'print';
export type Step = { key: StepKey; words: string; why: string; isDone: boolean };

type Known = Pick<Rig, 'units' | 'desk' | 'looks' | 'findings'>;

/** The steps of a first evening in their order; which are done is read off the rig. */
export function firstSteps({ units, desk, looks, findings }: Known): Step[] {
  const hangs = units.length > 0;
  return [
    { key: 'hang', words: 'Hang units', why: 'From the shelf, or of a chart that you write.', isDone: hangs },
    {
      key: 'desk',
      words: 'Choose the desk',
      why: 'Then every fader is named by what it does, and addresses go to its buttons.',
      isDone: desk !== null,
    },
    {
      key: 'addresses',
      words: 'Put the addresses right',
      why: 'Clashes, overruns and units off the desk are told in Patch, each with its repair.',
      isDone: hangs && !findings.some((one) => one.inPatch && one.severity === 'error'),
    },
    {
      key: 'set',
      words: 'Set them up the ladder',
      why: 'Walk round with a phone: display, switches and menu words of each unit.',
      isDone: hangs && units.every((one) => one.setAt || one.isOut),
    },
    {
      key: 'look',
      words: 'Record the first look',
      why: 'Raise faders in Desk until the stage is right, and keep where they stand.',
      isDone: looks.length > 0,
    },
    { key: 'print', words: 'Print what the night needs', why: 'Patch list, cards, tape, steps.', isDone: false },
  ];
}

/** Whether somebody is at the beginning still: nothing hangs, no desk is chosen, or nothing is recorded. */
export function isBeginning(rig: Known): boolean {
  return rig.units.length === 0 || rig.desk === null || rig.looks.length === 0;
}
