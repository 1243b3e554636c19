/** Looks that can be made for any rig, and what each is good for. */
export const MADE: readonly {
  what: 'working-light' | 'blackout' | 'colour' | 'tenth' | 'reset';
  name: string;
  why: string;
  hex?: string;
}[] = [
  { what: 'working-light', name: 'Working light', why: 'everything at 60 %, as it comes' },
  { what: 'blackout', name: 'Blackout', why: 'every lamp at 0, shutters and colours ready' },
  { what: 'colour', name: 'All in red', why: 'who shows another colour stands out', hex: '#ff0000' },
  { what: 'colour', name: 'All in green', why: 'the same in green', hex: '#00ff00' },
  { what: 'colour', name: 'All in blue', why: 'and in blue', hex: '#0000ff' },
  { what: 'tenth', name: 'All at a tenth', why: 'who flickers or stays dark down there' },
  {
    what: 'reset',
    name: 'Reset',
    why: 'heads turn by themselves: keep people clear',
  },
];
