import { route } from './platform/route.ts';
import * as people from './people/people.ts';
import {
  changePasswordSchema,
  chooseLanguageSchema,
  resetPasswordSchema,
  type MadeResetLink,
  type ResetGreeting,
} from './people/account.ts';
import type { ActivityPage } from './people/activity.ts';
import { retireSchema } from './patches/retirement.ts';
import { setClearanceSchema, type ClearanceView } from './people/clearance.ts';
import type { IdentityTable } from './plants/identity-table.ts';
import { setRuleSchema, type RuleView } from './people/rules.ts';
import { savePlantSchema, type PlantListItem, type PlantView } from './plants/profile.ts';
import {
  assignStationSchema,
  changePatchSchema,
  newPatchSchema,
  type PatchDetail,
  type PatchView,
} from './patches/patch.ts';
import type { GroupProof } from './stands/group-proof.ts';
import type { StandProof } from './stands/proof.ts';
import type { StandKit } from './stands/kit.ts';
import { changeStandSchema, newStandSchema, type LowerStand, type StandRef, type StandView } from './stands/stand.ts';
import { LARGEST_PHOTO_BYTES, type PhotoTaken, type PhotoView } from './photos/photo.ts';
import {
  placeReadingSchema,
  type PathView,
  type PlaceImportPreview,
  type StoredPlaces,
  type UndonePlaces,
} from './places/place-import.ts';
import { syncSchema, type EntryPage, type SyncAnswer } from './visits/sync.ts';
import type { Prospect } from './visits/find.ts';
import { newSoughtSchema, type SoughtView } from './visits/sought.ts';
import { newTideSchema, type TideView } from './tide/tide.ts';
import {
  importReadingSchema,
  handDaysSchema,
  newStationSchema,
  type ImportPreview,
  type StationDays,
  type StationView,
  type StoredImport,
} from './weather/weather.ts';
import { makeCalendarSchema, type CalendarFeedView, type NewCalendarFeed, type Notice } from './calendar/calendar.ts';
import type { YearView } from './year/year.ts';
import type { FoundThing, HearthView, RibbonView } from './hearth/hearth.ts';

const G = '/api/groups/:groupId';
/** A track of many days is large. */
const LARGEST_PLACE_FILE_BYTES = 25 * 1024 * 1024;

/** Every route of the API: what it is called by, who may, what goes in and what comes out. */
export const ROUTES = {
  health: route('get', '/api/health', 'anyone')<{ readonly ok: true }>()(),
  session: route('get', '/api/session', 'anyone')<people.SessionView>()(),
  signIn: route('post', '/api/session', 'anyone')<people.SessionView>()({ body: people.signInSchema }),
  demoSignIn: route('post', '/api/demo-session', 'anyone')<people.SessionView>()({ body: people.demoSignInSchema }),
  signOut: route('delete', '/api/session', 'signedIn')<null>()(),
  found: route('post', '/api/founding', 'anyone')<people.SessionView>()({ body: people.foundingSchema }),
  invitationGreeting: route('get', '/api/invitations/:token', 'anyone')<people.InvitationGreeting>()(),
  acceptInvitation: route('post', '/api/invitations/:token', 'anyone')<people.SessionView>()({
    body: people.acceptInvitationSchema,
  }),
  joinByInvitation: route('post', '/api/invitations/:token/join', 'signedIn')<people.SessionView>()(),
  sessions: route('get', '/api/sessions', 'signedIn')<readonly people.SessionListItem[]>()(),
  endSession: route('delete', '/api/sessions/:sessionId', 'signedIn')<null>()(),
  endOtherSessions: route('delete', '/api/sessions', 'signedIn')<null>()(),
  changePassword: route('put', '/api/password', 'signedIn')<null>()({ body: changePasswordSchema }),
  chooseLanguage: route('put', '/api/language', 'signedIn')<null>()({ body: chooseLanguageSchema }),
  resetGreeting: route('get', '/api/resets/:token', 'anyone')<ResetGreeting>()(),
  resetPassword: route('post', '/api/resets/:token', 'anyone')<people.SessionView>()({ body: resetPasswordSchema }),
  baseMap: route('get', '/api/base-map', 'signedIn')<unknown>()(),
  cspReport: route('post', '/api/csp-report', 'anyone')<null>()({ body: 'bytes' }),

  group: route('get', G, 'watcher')<people.GroupView>()(),
  changeGroup: route('put', G, 'keeper')<people.GroupView>()({ body: people.groupSettingsSchema }),
  members: route('get', `${G}/members`, 'watcher')<readonly people.MemberView[]>()(),
  changeRole: route('put', `${G}/members/:accountId`, 'keeper')<people.MemberView>()({ body: people.changeRoleSchema }),
  removeMember: route('delete', `${G}/members/:accountId`, 'keeper')<null>()(),
  forgetPerson: route('delete', `${G}/members/:accountId/data`, 'keeper')<null>()(),
  makeResetLink: route('post', `${G}/members/:accountId/reset`, 'keeper')<MadeResetLink>()(),
  leaveGroup: route('delete', `${G}/membership`, 'watcher')<null>()(),
  activity: route('get', `${G}/activity`, 'keeper')<ActivityPage>()({ query: ['before'] }),
  invitations: route('get', `${G}/invitations`, 'keeper')<readonly people.InvitationView[]>()(),
  invite: route('post', `${G}/invitations`, 'keeper')<people.MadeInvitation>()({ body: people.newInvitationSchema }),
  withdrawInvitation: route('delete', `${G}/invitations/:invitationId`, 'keeper')<null>()(),
  rules: route('get', `${G}/rules`, 'watcher')<readonly RuleView[]>()(),
  setRule: route('put', `${G}/rules`, 'keeper')<readonly RuleView[]>()({ body: setRuleSchema }),

  clearances: route('get', `${G}/clearances`, 'watcher')<readonly ClearanceView[]>()(),
  setClearance: route('put', `${G}/members/:accountId/clearance`, 'picker')<readonly ClearanceView[]>()({
    body: setClearanceSchema,
  }),
  signs: route('get', `${G}/signs`, 'watcher')<IdentityTable>()({ query: ['day', 'patch'] }),
  plants: route('get', `${G}/plants`, 'watcher')<readonly PlantListItem[]>()(),
  plant: route('get', `${G}/plants/:plantKey`, 'watcher')<PlantView>()(),
  savePlant: route('put', `${G}/plants/:plantKey`, 'keeper')<PlantView>()({ body: savePlantSchema }),

  patches: route('get', `${G}/patches`, 'watcher')<readonly PatchView[]>()(),
  patch: route('get', `${G}/patches/:patchId`, 'watcher')<PatchDetail>()(),
  newPatch: route('post', `${G}/patches`, 'picker')<PatchView>()({ body: newPatchSchema }),
  changePatch: route('put', `${G}/patches/:patchId`, 'picker')<PatchView>()({ body: changePatchSchema }),

  retirePatch: route('put', `${G}/patches/:patchId/retirement`, 'keeper')<null>()({ body: retireSchema }),
  removePatch: route('delete', `${G}/patches/:patchId`, 'picker')<null>()(),
  assignStation: route('put', `${G}/patches/:patchId/station`, 'keeper')<null>()({ body: assignStationSchema }),

  prospects: route('get', `${G}/patches/:patchId/prospects`, 'watcher')<readonly Prospect[]>()({ query: ['plants'] }),

  photos: route('get', `${G}/photos`, 'watcher')<readonly PhotoView[]>()({ query: ['patch', 'stand'] }),
  addPhoto: route('post', `${G}/photos/:photoId`, 'picker')<PhotoTaken>()({
    body: 'bytes',
    query: ['patch', 'stand', 'day'],
    mostBytes: LARGEST_PHOTO_BYTES,
  }),
  photo: route('get', `${G}/photos/:photoId`, 'watcher')<unknown>()({ query: ['size'] }),
  forgetPhoto: route('delete', `${G}/photos/:photoId`, 'picker')<null>()(),
  newPlaceImport: route('post', `${G}/place-imports/:importId`, 'keeper')<PlaceImportPreview>()({
    body: 'bytes',
    query: ['fileName'],
    mostBytes: LARGEST_PLACE_FILE_BYTES,
  }),
  placeImport: route('get', `${G}/place-imports/:importId`, 'keeper')<PlaceImportPreview>()(),
  readPlaceImport: route('put', `${G}/place-imports/:importId`, 'keeper')<PlaceImportPreview>()({
    body: placeReadingSchema,
  }),
  storePlaceImport: route('post', `${G}/place-imports/:importId/store`, 'keeper')<StoredPlaces>()(),
  undoPlaceImport: route('delete', `${G}/place-imports/:importId/places`, 'keeper')<UndonePlaces>()(),
  dropPlaceImport: route('delete', `${G}/place-imports/:importId`, 'keeper')<null>()(),
  exportFile: route('get', `${G}/exports/:what`, 'watcher')<unknown>()({ query: ['format', 'secret'] }),
  paths: route('get', `${G}/paths`, 'watcher')<readonly PathView[]>()(),
  forgetPath: route('delete', `${G}/paths/:pathId`, 'keeper')<null>()(),

  newStand: route('post', `${G}/stands`, 'picker')<StandRef>()({ body: newStandSchema }),
  stand: route('get', `${G}/stands/:standId`, 'watcher')<StandView>()({ query: ['day', 'known'] }),
  lowerStand: route('get', `${G}/stands/:standId/lower`, 'watcher')<LowerStand | null>()(),
  standKit: route('get', `${G}/stands/:standId/kit`, 'watcher')<StandKit>()(),
  standProof: route('get', `${G}/stands/:standId/proof`, 'watcher')<StandProof>()(),
  proof: route('get', `${G}/proof`, 'watcher')<GroupProof>()(),
  changeStand: route('put', `${G}/stands/:standId`, 'keeper')<StandRef>()({ body: changeStandSchema }),
  retireStand: route('put', `${G}/stands/:standId/retirement`, 'keeper')<null>()({ body: retireSchema }),
  removeStand: route('delete', `${G}/stands/:standId`, 'picker')<null>()(),
  standEntries: route('get', `${G}/stands/:standId/entries`, 'watcher')<EntryPage>()({ query: ['before'] }),

  sync: route('post', `${G}/sync`, 'picker')<SyncAnswer>()({ body: syncSchema }),

  hearth: route('get', `${G}/hearth`, 'watcher')<HearthView>()({ query: ['day', 'near'] }),
  year: route('get', `${G}/year`, 'watcher')<YearView>()({ query: ['day', 'past'] }),
  ribbon: route('get', `${G}/ribbon`, 'watcher')<RibbonView>()({ query: ['day'] }),
  find: route('get', `${G}/find`, 'watcher')<readonly FoundThing[]>()({ query: ['text'] }),

  notices: route('get', `${G}/notices`, 'watcher')<readonly Notice[]>()(),
  calendarFeed: route('get', `${G}/calendar`, 'watcher')<{ readonly feed: CalendarFeedView | null }>()(),
  makeCalendarFeed: route('post', `${G}/calendar`, 'watcher')<NewCalendarFeed>()({ body: makeCalendarSchema }),
  endCalendarFeed: route('delete', `${G}/calendar`, 'watcher')<null>()(),
  calendar: route('get', '/api/calendar/:token', 'anyone')<unknown>()(),

  sought: route('get', `${G}/sought`, 'watcher')<readonly SoughtView[]>()(),
  seek: route('post', `${G}/sought`, 'picker')<SoughtView>()({ body: newSoughtSchema }),
  stopSeeking: route('delete', `${G}/sought/:soughtId`, 'picker')<null>()(),

  tides: route('get', `${G}/tides`, 'watcher')<readonly TideView[]>()(),
  newTide: route('post', `${G}/tides`, 'keeper')<TideView>()({ body: newTideSchema }),
  removeTide: route('delete', `${G}/tides/:tideId`, 'keeper')<null>()(),

  stations: route('get', `${G}/stations`, 'watcher')<readonly StationView[]>()(),
  newStation: route('post', `${G}/stations`, 'keeper')<StationView>()({ body: newStationSchema }),
  fetchStation: route('post', `${G}/stations/:stationId/fetch`, 'keeper')<StationView>()(),
  retireStation: route('put', `${G}/stations/:stationId/retirement`, 'keeper')<null>()({ body: retireSchema }),
  removeStation: route('delete', `${G}/stations/:stationId`, 'keeper')<null>()(),
  putHandDays: route('put', `${G}/stations/:stationId/days`, 'picker')<StationView>()({ body: handDaysSchema }),
  stationDays: route('get', `${G}/stations/:stationId/days`, 'watcher')<StationDays>()({ query: ['from', 'to'] }),
  imports: route('get', `${G}/imports`, 'keeper')<readonly ImportPreview[]>()(),
  newImport: route('post', `${G}/stations/:stationId/imports/:importId`, 'keeper')<ImportPreview>()({
    body: 'bytes',
    query: ['fileName'],
  }),
  importPreview: route('get', `${G}/imports/:importId`, 'keeper')<ImportPreview>()(),
  readImport: route('put', `${G}/imports/:importId`, 'keeper')<ImportPreview>()({ body: importReadingSchema }),
  storeImport: route('post', `${G}/imports/:importId/store`, 'keeper')<StoredImport>()(),
  undoImport: route('delete', `${G}/imports/:importId/days`, 'keeper')<StationView>()(),
  dropImport: route('delete', `${G}/imports/:importId`, 'keeper')<null>()(),
} as const;
