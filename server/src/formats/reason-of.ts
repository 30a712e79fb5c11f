import { AppError } from '../platform/errors.ts';

/** Why some work was refused; `null` where it was not. For specifications. */
export async function reasonOf(work: () => unknown): Promise<string | null> {
  try {
    await work();
    return null;
  } catch (error) {
    if (error instanceof AppError) return error.reason;
    throw error;
  }
}
