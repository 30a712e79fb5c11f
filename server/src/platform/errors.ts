import type { ErrorCode } from '@emberfield/contract';
import type { Thing } from '@emberfield/words';

interface Details {
  /** Values for the sentence. */
  readonly values?: Readonly<Record<string, string | number>>;
  readonly field?: string;
  /** What the field's value breaks: a code of the contract's schemas. */
  readonly reason?: string;
  readonly cause?: unknown;
}

/** What the domain refuses, by the contract's codes. It knows no HTTP status and no sentence. */
export class AppError extends Error {
  readonly values: Readonly<Record<string, string | number>>;
  readonly field: string | null;
  readonly reason: string | null;

  constructor(
    readonly code: ErrorCode,
    { values = {}, field, reason, cause }: Details = {},
  ) {
    super(code, { cause });
    this.values = values;
    this.field = field ?? null;
    this.reason = reason ?? null;
  }

  /** What it says, as plain data: errors do not travel between threads. */
  get parts(): AppErrorParts {
    const { code, values, field, reason } = this;
    return { code, values, field, reason };
  }

  static from({ code, values, field, reason }: AppErrorParts): AppError {
    return new AppError(code, { values, ...(field ? { field } : {}), ...(reason ? { reason } : {}) });
  }
}

export type AppErrorParts = Pick<AppError, 'code' | 'values' | 'field' | 'reason'>;

/** That something is not there is said by its word. */
export const notFound = (what: Thing): AppError => new AppError('notFound', { values: { what } });
