/** What can go wrong, as the field's codes; one table on the server maps them to HTTP. */
export const ERROR_CODES = [
  'badInput',
  'badJson',
  'tooLarge',
  'notFound',
  'conflict',
  'idTaken',
  'stale',
  'notAllowed',
  'notSignedIn',
  'wrongSignIn',
  'tooManyTries',
  'crossSite',
  'linkUsed',
  'wrongCode',
  'alreadyFounded',
  'lastKeeper',
  'nameTaken',
  'futureDay',
  'unreadableFile',
  'nothingToStore',
  'noSuchRoute',
  'busy',
  'internal',
] as const;
export type ErrorCode = (typeof ERROR_CODES)[number];

/** The one shape of every answer outside 2xx. */
export interface ErrorBody {
  readonly error: {
    readonly code: ErrorCode;
    /** A sentence a person can act on. */
    readonly message: string;
    /** Path of the field at fault, "body.position.latitudeDeg". */
    readonly field: string | null;
    /** What the field's value breaks: a code of the schema. */
    readonly reason: string | null;
    /** Number under which the server's log holds the cause; only for `internal`. */
    readonly logId: string | null;
  };
}
