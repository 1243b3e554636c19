import { queryOptions } from '@tanstack/svelte-query';
import { answered, api } from './client';
import { withUnits } from './findings';
import type { ChartAnswer } from './chart';

/** Every key of the server's state stands here. */
export const keys = {
  rigs: ['rigs'] as const,
  rig: (id: string) => ['rig', id] as const,
  version: (id: string) => ['rig', id, 'version'] as const,
  changes: (id: string, version: number) => ['rig', id, 'changes', version] as const,
  types: (search: string) => ['types', search] as const,
  allTypes: ['types'] as const,
  chart: (typeId: string) => ['chart', typeId] as const,
  /** A revision that a unit follows stays as it is, so a write need not ask for it again. */
  followed: (typeId: string, revision: number) => ['followed', typeId, revision] as const,
  desks: ['desks'] as const,
  kits: ['kits'] as const,
  emitters: ['emitters'] as const,
  disk: ['disk'] as const,
  backups: ['backups'] as const,
  wastebasket: ['wastebasket'] as const,
};

export const rigsQuery = () => queryOptions({ queryKey: keys.rigs, queryFn: () => answered(api.GET('/api/rigs', {})) });

export const kitsQuery = () => queryOptions({ queryKey: keys.kits, queryFn: () => answered(api.GET('/api/kits', {})) });

export const rigQuery = (id: string) =>
  queryOptions({
    queryKey: keys.rig(id),
    queryFn: async () => {
      const rig = await answered(api.GET('/api/rigs/{id}', { params: { path: { id } } }));
      return { ...rig, findings: withUnits(rig.findings, rig.units) };
    },
  });

/** Asked every few seconds, so that a window follows what others do to the rig. */
export const versionQuery = (id: string) =>
  queryOptions({
    queryKey: keys.version(id),
    queryFn: () => answered(api.GET('/api/rigs/{id}/version', { params: { path: { id } } })),
    refetchInterval: 3000,
  });

export const changesQuery = (id: string, version: number) =>
  queryOptions({
    queryKey: keys.changes(id, version),
    queryFn: () => answered(api.GET('/api/rigs/{id}/changes', { params: { path: { id } } })),
  });

export const typesQuery = (search: string) =>
  queryOptions({
    queryKey: keys.types(search),
    queryFn: () => answered(api.GET('/api/types', { params: { query: { search } } })),
  });

/** The newest chart, or the one of a revision. */
export const chartQuery = (typeId: string, revision?: number) =>
  queryOptions({
    queryKey: revision === undefined ? keys.chart(typeId) : keys.followed(typeId, revision),
    queryFn: async () => {
      const query = revision === undefined ? {} : { revision };
      const call = api.GET('/api/types/{id}', { params: { path: { id: typeId }, query } });
      return (await answered(call)) as unknown as ChartAnswer;
    },
  });

export const modesQuery = (rig: string, id: string, revision: number) =>
  queryOptions({
    queryKey: ['chart', id, 'modes', rig, revision],
    queryFn: () => answered(api.GET('/api/rigs/{rig}/types/{id}/modes', { params: { path: { rig, id } } })),
  });

export const revisionsQuery = (id: string) =>
  queryOptions({
    queryKey: ['chart', id, 'revisions'],
    queryFn: () => answered(api.GET('/api/types/{id}/revisions', { params: { path: { id } } })),
  });

export const takeQuery = (rig: string, id: string) =>
  queryOptions({
    queryKey: ['chart', id, 'take', rig],
    queryFn: () => answered(api.GET('/api/rigs/{rig}/types/{id}/take', { params: { path: { rig, id } } })),
  });

/** What the archive of DIN SPEC 15800 would leave out. */
export const leftOutQuery = (id: string) =>
  queryOptions({
    queryKey: ['chart', id, 'left-out'],
    queryFn: () => answered(api.GET('/api/types/{id}/left-out', { params: { path: { id } } })),
  });

export const alikesQuery = (id: string, mode: string) =>
  queryOptions({
    queryKey: ['chart', id, 'alikes', mode],
    queryFn: () => answered(api.GET('/api/types/{id}/alikes', { params: { path: { id }, query: { mode } } })),
  });

/** One mode of a type beside a mode of another, or of another revision. */
export type Pair = {
  id: string;
  mode: string;
  revision?: number;
  other: string;
  otherMode: string;
  otherRevision?: number;
};
export const compareQuery = (pair: Pair) =>
  queryOptions({
    queryKey: ['chart', pair.id, 'compare', pair],
    queryFn: () => {
      const { id, other, ...query } = pair;
      return answered(api.GET('/api/types/{id}/compare/{other}', { params: { path: { id, other }, query } }));
    },
  });

export const desksQuery = () =>
  queryOptions({ queryKey: keys.desks, queryFn: () => answered(api.GET('/api/desks', {})) });

/** Room on the disk changes slowly. */
export const diskQuery = () =>
  queryOptions({
    queryKey: keys.disk,
    queryFn: () => answered(api.GET('/api/disk', {})),
    refetchInterval: 60_000,
  });

export const backupsQuery = () =>
  queryOptions({ queryKey: keys.backups, queryFn: () => answered(api.GET('/api/backups', {})) });

export const wastebasketQuery = () =>
  queryOptions({ queryKey: keys.wastebasket, queryFn: () => answered(api.GET('/api/wastebasket', {})) });

export const wordsQuery = () =>
  queryOptions({ queryKey: ['words'], queryFn: () => answered(api.GET('/api/range-words', {})), staleTime: Infinity });

export const emittersQuery = () =>
  queryOptions({ queryKey: keys.emitters, queryFn: () => answered(api.GET('/api/emitters', {})), staleTime: Infinity });
