export {
  exactly,
  finite,
  flag,
  freeText,
  isoDay,
  isUuid,
  line,
  listOf,
  oneOf,
  orNull,
  uuid,
  whole,
  type Text,
} from './platform/schema.ts';
export { ERROR_CODES, type ErrorBody, type ErrorCode } from './platform/errors.ts';
export type { Method, Route, Who } from './platform/route.ts';
export { ROUTES } from './routes.ts';
export * from './plants/kinds.ts';
export * from './plants/profile.ts';
export * from './plants/signs.ts';
export * from './plants/identity-table.ts';
export * from './people/people.ts';
export * from './people/rules.ts';
export * from './people/clearance.ts';
export * from './patches/patch.ts';
export * from './stands/kit.ts';
export * from './stands/stand.ts';
export * from './stands/proof.ts';
export * from './stands/group-proof.ts';
export * from './visits/entry.ts';
export * from './visits/find.ts';
export * from './visits/sought.ts';
export * from './photos/photo.ts';
export * from './places/place-import.ts';
export * from './tide/tide.ts';
export * from './weather/weather.ts';
export * from './hearth/hearth.ts';
export * from './year/year.ts';
export * from './calendar/calendar.ts';
