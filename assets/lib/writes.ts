/** Questions that are asked by POST: they change nothing, so they are neither kept nor made once. */
const QUESTIONS = [
  /^\/api\/calc\//,
  /^\/api\/charts\//,
  /^\/api\/range-line$/,
  /^\/api\/large-set$/,
  /^\/api\/desks\/check$/,
  /\/preview$/,
  /\/live$/,
  /\/presses$/,
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
  [/\/undo$/, 'Undo'],
  [/\/redo$/, 'Redo'],
  [/^POST \/api\/rigs$/, 'Make a rig'],
  [/^DELETE \/api\/rigs\//, 'Throw a rig away'],
  [/^DELETE \/api\/types\//, 'Throw a chart away'],
  [/^POST \/api\/wastebasket\/empty/, 'Empty the wastebasket'],
  [/^POST \/api\/wastebasket\//, 'Bring something back from the wastebasket'],
  [/^POST \/api\/backups\/.*(restore|bring-back)$/, 'Bring a backup back'],
  [/^POST \/api\/backups/, 'Make a backup'],
  [/^POST \/api\/imports?$/, 'Import documents'],
  [/\/fixtures\/[^/]+\/link$/, 'Set a receiver'],
  [/\/fixtures\/[^/]+\/curve$/, 'Set a curve'],
  [/\/fixtures\/[^/]+\/remove$/, 'Take a unit down'],
  [/^POST .*\/fixtures$/, 'Hang units'],
  [/\/fixtures/, 'Change a unit'],
  [/\/links/, 'Change a radio link'],
  [/\/stage-plan/, 'Change the stage plan'],
  [/\/types\/[^/]+\/chart$/, 'Change a chart'],
  [/\/types/, 'Change the charts of the rig'],
  [/^POST .*\/looks$/, 'Record a look'],
  [/\/looks/, 'Change a look'],
  [/\/desk/, 'Change the desk'],
  [/\/patch-list$/, 'Take over a patch list'],
  [/\/number/, 'Number the units'],
  [/^PATCH \/api\/rigs\//, 'Rename the rig'],
];

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
  const kind = WORDS.find(([pattern]) => pattern.test(`${method} ${path}`))?.[1] ?? 'A change';
  const whom = path.split('/').flatMap((part) => names[part] ?? [])[0];
  const what = whom === undefined ? kind : `${kind}, ${whom}`;
  if (typeof body !== 'object' || body === null) return what;
  const details = Object.entries(body)
    .filter(
      ([name, value]) => name !== 'version' && !/[iI]ds?$/.test(name) && ['string', 'number'].includes(typeof value),
    )
    .map(([name, value]) => `${name} ${String(value).slice(0, 40)}`)
    .slice(0, 3);
  return details.length ? `${what}: ${details.join(', ')}` : what;
}
