import type { Response } from 'express';

/** An answer that stays open, and is written to for as long as somebody reads. */
export class StreamAnswer {
  constructor(readonly begin: (response: Response) => void) {}
}
