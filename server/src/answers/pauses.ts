/** Others are served after so many milliseconds of computing. */
const PIECE_MS = 5;

/** Gives way to others now and then during long work in the one thread that answers everybody. */
export class Pauses {
  private started = performance.now();

  async pause(): Promise<void> {
    if (performance.now() - this.started < PIECE_MS) return;
    await new Promise(setImmediate);
    this.started = performance.now();
  }
}
