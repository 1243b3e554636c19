export type Violation = { path: string; code: string; message: string };

/** Problem details, or the error body of a computation topic. */
export type ProblemBody = {
  type?: string;
  detail?: string;
  violations?: Violation[];
  since?: string[];
  error?: { code: string; field: string; message: string };
};

/** Changes come in a list; a field is named within its own. */
const OF_CHANGE = /^changes\[\d+\]\.?/;

/** What the server refused, with its reason in an operator's words. */
export class ApiError extends Error {
  readonly type: string;
  readonly violations: readonly Violation[];
  readonly since: readonly string[];

  constructor(
    readonly status: number,
    body: ProblemBody | undefined,
  ) {
    const inner = body?.error;
    super(
      body?.detail ??
        inner?.message ??
        (status === 413 ? 'The file is too large to be read.' : 'Rigger could not answer that.'),
    );
    this.type = body?.type ?? inner?.code ?? 'unexpected';
    this.violations =
      body?.violations ?? (inner ? [{ path: inner.field, code: inner.code, message: inner.message }] : []);
    this.since = body?.since ?? [];
  }

  /** What is said at this field of a change, or null. */
  at(path: string): string | null {
    return this.violations.find((one) => one.path.replace(OF_CHANGE, '') === path)?.message ?? null;
  }

  /** What is said at the first field that is to blame, else in general. */
  get firstWords(): string {
    return this.violations[0]?.message ?? this.message;
  }
}

export function wordsOf(error: unknown): string {
  return error instanceof Error ? error.message : 'Something went wrong.';
}
