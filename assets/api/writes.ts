/** Questions that are asked by POST: they change nothing, so they are neither kept nor made once. */
const QUESTIONS = [
  /^\/api\/calc\//,
  /^\/api\/charts\//,
  /^\/api\/large-set$/,
  /^\/api\/typed-value$/,
  /^\/api\/desks\/check$/,
  /\/preview$/,
  /\/live$/,
  /\/presses$/,
  /\/looks\/mix$/,
];
const SAFE = ['GET', 'HEAD', 'OPTIONS'];

export function isWrite(method: string, path: string): boolean {
  return !SAFE.includes(method) && !QUESTIONS.some((one) => one.test(path));
}

/** The rig that a write is about, or null. */
export function rigOf(path: string): string | null {
  return /^\/api\/rigs\/([^/]+)/.exec(path)?.[1] ?? null;
}

const WORDS: readonly [RegExp, string][] = [
  [/^POST \/api\/rigs$/, 'Make a rig'],
  [/^POST \/api\/rigs\/[^/]+\/duplicate$/, 'Duplicate a rig'],
  [/^DELETE \/api\/rigs\//, 'Throw a rig away'],
  [/^DELETE \/api\/types\//, 'Throw a chart away'],
  [/^POST \/api\/wastebasket\/empty/, 'Empty the wastebasket'],
  [/^POST \/api\/wastebasket\//, 'Bring something back from the wastebasket'],
  [/^POST \/api\/backups\/.*(restore|bring-back)$/, 'Bring a backup back'],
  [/^POST \/api\/backups/, 'Make a backup'],
  [/^POST \/api\/imports?$/, 'Import documents'],
  [/\/desks/, 'Change the shelf of desks'],
];

/** Where a change's word does not say by itself what is done. */
const CHANGES: Readonly<Record<string, string>> = {
  'accept-finding': 'Say I know',
  'add-units': 'Hang units',
  'bend-channel': 'Set a curve',
  'change-hold': 'Change held slots',
  'connect-unit': 'Set a receiver',
  'name-cell': 'Name a socket or cell',
  'put-out': 'Put a unit out of action, or back',
  'record-again': 'Record a look again',
  'remove-unit': 'Take a unit down',
  'take-list': 'Take over a patch list',
  'take-plan': 'Take over a plan',
  'tick-unit': 'Tick a unit',
  'turn-unit': 'Turn a unit round',
  'write-chart': 'Change a chart',
  'begin-type': 'Begin a chart',
  'rename-rig': 'Rename the rig',
  'move-units': 'Move',
  'rename-unit': 'Rename a unit',
};

/**
 * What a write is about, for somebody who sees it waiting: "Change a unit: Tape, address 37".
 *
 * @param names what units, looks and senders are called, by id
 */
export function wordsOfWrite(
  method: string,
  path: string,
  body: unknown,
  names: Readonly<Record<string, string>> = {},
): string {
  const change = firstChange(body);
  const kind = change
    ? (CHANGES[change.do] ?? upper(change.do.replaceAll('-', ' ')))
    : (WORDS.find(([pattern]) => pattern.test(`${method} ${path}`))?.[1] ?? 'A change');
  const members: object = change ?? (typeof body === 'object' && body !== null ? body : {});
  const whom = [...Object.values(members).flat(), ...path.split('/')].flatMap((one) =>
    typeof one === 'string' ? (names[one] ?? []) : [],
  )[0];
  const what = whom === undefined ? kind : `${kind}, ${whom}`;
  const details = Object.entries(members)
    .filter(([name, value]) => !NAMING.includes(name) && ['string', 'number'].includes(typeof value))
    .map(([name, value]) => `${name} ${String(value).slice(0, 40)}`)
    .slice(0, 3);
  return details.length ? `${what}: ${details.join(', ')}` : what;
}

type Done = { do: string } & Record<string, unknown>;

/** The first of the changes that a write makes of a rig; null for any other write. */
export function firstChange(body: unknown): Done | null {
  const changes = typeof body === 'object' && body !== null && 'changes' in body ? body.changes : null;
  const first: unknown = Array.isArray(changes) ? changes[0] : null;
  return typeof first === 'object' && first !== null && 'do' in first ? (first as Done) : null;
}

const upper = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
/** Members that name something by its id. */
const NAMING = ['do', 'unit', 'units', 'look', 'link', 'type', 'desk', 'support', 'twinOf', 'like'];
