import type { Request } from 'express';
import { AppError } from '../errors.ts';
import { sameText } from '../tokens.ts';

export const TOKEN_HEADER = 'x-emberfield-token';
const READING = new Set(['GET', 'HEAD']);

/** A change must come from a page of ours: browsers name the origin of every change, and cannot forge it. */
export function assertSameSite(request: Request, publicUrl: string | null): void {
  if (READING.has(request.method)) return;
  const origin = request.get('origin');
  // With a public address that one alone counts: what a request says of its own host anybody can write.
  const own = publicUrl ?? `${request.protocol}://${request.get('host') ?? ''}`;
  const foreign = origin !== undefined && origin !== own;
  const site = request.get('sec-fetch-site');
  if (foreign || (site !== undefined && site !== 'same-origin' && site !== 'none')) throw new AppError('crossSite');
}

/** A signed-in change also carries the session's token, which no other site can read. */
export function assertToken(request: Request, token: string): void {
  if (READING.has(request.method)) return;
  if (!sameText(request.get(TOKEN_HEADER) ?? '', token)) throw new AppError('crossSite');
}
