import type { Schema } from 'yup';
import type { Route } from './platform/route.ts';
import { makeCalendarSchema } from './calendar/calendar.ts';
import { assignStationSchema, changePatchSchema, newPatchSchema } from './patches/patch.ts';
import { retireSchema } from './patches/retirement.ts';
import { changePasswordSchema, chooseLanguageSchema, resetPasswordSchema } from './people/account.ts';
import { setClearanceSchema } from './people/clearance.ts';
import { setRuleSchema } from './people/rules.ts';
import { savePermitSchema } from './permits/permit.ts';
import { saveTasteSchema } from './larder/taste.ts';
import { saveWantSchema } from './supply/want.ts';
import { placeReadingSchema } from './places/place-import.ts';
import { savePlantSchema } from './plants/plant-list.ts';
import { changeStandSchema, newStandSchema } from './stands/stand.ts';
import { newTideSchema } from './tide/tide.ts';
import { newSoughtSchema } from './visits/sought.ts';
import { syncSchema } from './visits/sync.ts';
import { handDaysSchema, importReadingSchema, newStationSchema } from './weather/weather.ts';
import * as people from './people/people.ts';
import { ROUTES } from './routes.ts';

type Routes = typeof ROUTES;
/** Exactly the routes that take JSON, each with a schema of what it takes: one forgotten does not compile. */
type Bodies = {
  readonly [K in keyof Routes as Routes[K] extends Route<null, unknown> ? never : K]: Routes[K] extends Route<
    infer Body,
    unknown
  >
    ? Schema<Body>
    : never;
};

const BODIES: Bodies = {
  signIn: people.signInSchema,
  demoSignIn: people.demoSignInSchema,
  found: people.foundingSchema,
  acceptInvitation: people.acceptInvitationSchema,
  changePassword: changePasswordSchema,
  chooseLanguage: chooseLanguageSchema,
  resetPassword: resetPasswordSchema,
  changeGroup: people.groupSettingsSchema,
  changeRole: people.changeRoleSchema,
  invite: people.newInvitationSchema,
  setRule: setRuleSchema,
  savePermit: savePermitSchema,
  saveTaste: saveTasteSchema,
  saveWant: saveWantSchema,
  setClearance: setClearanceSchema,
  savePlant: savePlantSchema,
  newPatch: newPatchSchema,
  changePatch: changePatchSchema,
  retirePatch: retireSchema,
  assignStation: assignStationSchema,
  readPlaceImport: placeReadingSchema,
  newStand: newStandSchema,
  changeStand: changeStandSchema,
  retireStand: retireSchema,
  sync: syncSchema,
  makeCalendarFeed: makeCalendarSchema,
  seek: newSoughtSchema,
  newTide: newTideSchema,
  newStation: newStationSchema,
  retireStation: retireSchema,
  putHandDays: handDaysSchema,
  readImport: importReadingSchema,
};

const schemas = new Map<unknown, Schema>(
  Object.entries(BODIES).map(([name, schema]) => [ROUTES[name as keyof Routes], schema]),
);

/**
 * What checks the body of a route that takes JSON. Apart from the routes, for whoever only calls them has no use for it.
 * @throws Error for a route that takes none
 */
export function bodySchemaOf<Body>(route: Route<Body, unknown>): Schema<Body> {
  const schema = schemas.get(route);
  if (!schema) throw new Error(`${route.method} ${route.path} takes no JSON`);
  return schema as Schema<Body>;
}
