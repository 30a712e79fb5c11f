/** An answer that is a file to be saved, not JSON. */
export class FileAnswer {
  constructor(
    readonly content: Buffer | string,
    readonly type: string,
    readonly fileName: string | null = null,
  ) {}
}
