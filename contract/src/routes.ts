import { route } from './platform/route.ts';
import type * as people from './people/people.ts';
import type { ChangePassword, ChooseLanguage, ResetPassword, MadeResetLink, ResetGreeting } from './people/account.ts';
import type { ActivityPage } from './people/activity.ts';
import type { Retire } from './patches/retirement.ts';
import type { SetClearance, ClearanceView } from './people/clearance.ts';
import type { IdentityTable } from './plants/identity-table.ts';
import type { PermitView, SavePermit } from './permits/permit.ts';
import type { LedgerView } from './ledger/ledger.ts';
import type { SaveWant, WantView } from './supply/want.ts';
import type { SetRule, RuleView } from './people/rules.ts';
import type { SavePlant, PlantListItem, PlantView, RemovedPlant } from './plants/plant-list.ts';
import type { AssignStation, ChangePatch, NewPatch, PatchDetail, PatchView } from './patches/patch.ts';
import type { GroupProof } from './stands/group-proof.ts';
import type { LarderView } from './larder/larder.ts';
import type { SaveTaste, TastesView } from './larder/taste.ts';
import type { EffortView } from './stands/efforts.ts';
import type { PlantingSeen } from './stands/plantings.ts';
import type { StandProof } from './stands/proof.ts';
import type { StandKit } from './stands/kit.ts';
import type { PoisonView } from './stands/poison.ts';
import type { ChangeStand, NewStand, LowerStand, StandRef, StandView } from './stands/stand.ts';
import {
  LARGEST_PHOTO_BYTES,
  PHOTO_PIECE_BYTES,
  type ArrivedPieces,
  type KnownPhoto,
  type PhotoTaken,
  type PhotoView,
} from './photos/photo.ts';
import type { PlaceReading, PathView, PlaceImportPreview, StoredPlaces, UndonePlaces } from './places/place-import.ts';
import type { SyncRequest, EntryPage, SyncAnswer } from './visits/sync.ts';
import type { Prospect } from './visits/find.ts';
import type { NewSought, SoughtView } from './visits/sought.ts';
import type { NewTide, TideView } from './tide/tide.ts';
import type {
  ImportReading,
  HandDays,
  NewStation,
  ImportPreview,
  StationDays,
  StationView,
  StoredImport,
} from './weather/weather.ts';
import type { MakeCalendar, CalendarFeedView, NewCalendarFeed } from './calendar/calendar.ts';
import type { Notice } from './calendar/notice.ts';
import type { YearView } from './year/year.ts';
import type { FoundThing, HearthView, RibbonView } from './hearth/hearth.ts';

const G = '/api/groups/:groupId';
/** A track of many days is large. */
const LARGEST_PLACE_FILE_BYTES = 25 * 1024 * 1024;

/** Every route of the API: what it is called by, who may, what goes in and what comes out. How a body is checked is in `bodies.ts`. */
export const ROUTES = {
  health: route('get', '/api/health', 'anyone')<{ readonly ok: true }>(),
  session: route('get', '/api/session', 'anyone')<people.SessionView>(),
  signIn: route('post', '/api/session', 'anyone')<people.SessionView, people.SignIn>({ body: 'json' }),
  demoSignIn: route('post', '/api/demo-session', 'anyone')<people.SessionView, people.DemoSignIn>({ body: 'json' }),
  signOut: route('delete', '/api/session', 'signedIn')<null>(),
  found: route('post', '/api/founding', 'anyone')<people.SessionView, people.Founding>({ body: 'json' }),
  invitationGreeting: route('get', '/api/invitations/:token', 'anyone')<people.InvitationGreeting>(),
  acceptInvitation: route(
    'post',
    '/api/invitations/:token',
    'anyone',
  )<people.SessionView, people.AcceptInvitation>({
    body: 'json',
  }),
  joinByInvitation: route('post', '/api/invitations/:token/join', 'signedIn')<people.SessionView>(),
  sessions: route('get', '/api/sessions', 'signedIn')<readonly people.SessionListItem[]>(),
  endSession: route('delete', '/api/sessions/:sessionId', 'signedIn')<null>(),
  endOtherSessions: route('delete', '/api/sessions', 'signedIn')<null>(),
  changePassword: route('put', '/api/password', 'signedIn')<null, ChangePassword>({ body: 'json' }),
  chooseLanguage: route('put', '/api/language', 'signedIn')<null, ChooseLanguage>({ body: 'json' }),
  resetGreeting: route('get', '/api/resets/:token', 'anyone')<ResetGreeting>(),
  resetPassword: route('post', '/api/resets/:token', 'anyone')<people.SessionView, ResetPassword>({ body: 'json' }),
  baseMap: route('get', '/api/base-map', 'signedIn')<unknown>(),
  cspReport: route('post', '/api/csp-report', 'anyone')<null>({ body: 'bytes' }),

  group: route('get', G, 'watcher')<people.GroupView>(),
  changeGroup: route('put', G, 'keeper')<people.GroupView, people.GroupSettings>({ body: 'json' }),
  /** A stream of events: that something of the group has changed. Not called like the others. */
  live: route('get', `${G}/live`, 'watcher')<null>({ query: ['tab'] }),
  members: route('get', `${G}/members`, 'watcher')<readonly people.MemberView[]>(),
  changeRole: route('put', `${G}/members/:accountId`, 'keeper')<people.MemberView, people.ChangeRole>({ body: 'json' }),
  removeMember: route('delete', `${G}/members/:accountId`, 'keeper')<null>(),
  forgetPerson: route('delete', `${G}/members/:accountId/data`, 'keeper')<null>(),
  makeResetLink: route('post', `${G}/members/:accountId/reset`, 'keeper')<MadeResetLink>(),
  leaveGroup: route('delete', `${G}/membership`, 'watcher')<null>(),
  activity: route('get', `${G}/activity`, 'keeper')<ActivityPage>({ query: ['before'] }),
  invitations: route('get', `${G}/invitations`, 'keeper')<readonly people.InvitationView[]>(),
  invite: route('post', `${G}/invitations`, 'keeper')<people.MadeInvitation, people.NewInvitation>({ body: 'json' }),
  withdrawInvitation: route('delete', `${G}/invitations/:invitationId`, 'keeper')<null>(),
  rules: route('get', `${G}/rules`, 'watcher')<readonly RuleView[]>(),
  setRule: route('put', `${G}/rules`, 'keeper')<readonly RuleView[], SetRule>({ body: 'json' }),

  plantings: route('get', `${G}/plantings`, 'watcher')<readonly PlantingSeen[]>(),
  efforts: route('get', `${G}/efforts`, 'watcher')<readonly EffortView[]>(),
  larder: route('get', `${G}/larder`, 'watcher')<LarderView>(),
  tastes: route('get', `${G}/tastes`, 'watcher')<TastesView>(),
  saveTaste: route('put', `${G}/tastes/:tasteId`, 'watcher')<null, SaveTaste>({ body: 'json' }),
  removeTaste: route('delete', `${G}/tastes/:tasteId`, 'watcher')<null>(),
  permits: route('get', `${G}/permits`, 'watcher')<readonly PermitView[]>(),
  savePermit: route('put', `${G}/permits/:permitId`, 'keeper')<null, SavePermit>({ body: 'json' }),
  removePermit: route('delete', `${G}/permits/:permitId`, 'keeper')<null>(),

  ledger: route('get', `${G}/ledger`, 'watcher')<LedgerView>({ query: ['season'] }),
  wants: route('get', `${G}/wants`, 'watcher')<readonly WantView[]>(),
  saveWant: route('put', `${G}/wants/:wantId`, 'picker')<null, SaveWant>({ body: 'json' }),
  removeWant: route('delete', `${G}/wants/:wantId`, 'picker')<null>(),

  clearances: route('get', `${G}/clearances`, 'watcher')<readonly ClearanceView[]>(),
  setClearance: route(
    'put',
    `${G}/members/:accountId/clearance`,
    'picker',
  )<readonly ClearanceView[], SetClearance>({
    body: 'json',
  }),
  signs: route('get', `${G}/signs`, 'watcher')<IdentityTable>({ query: ['day', 'patch'] }),
  plants: route('get', `${G}/plants`, 'watcher')<readonly PlantListItem[]>(),
  plant: route('get', `${G}/plants/:plantKey`, 'watcher')<PlantView>(),
  savePlant: route('put', `${G}/plants/:plantKey`, 'keeper')<PlantView, SavePlant>({ body: 'json' }),
  removePlant: route('delete', `${G}/plants/:plantKey`, 'keeper')<RemovedPlant>(),

  patches: route('get', `${G}/patches`, 'watcher')<readonly PatchView[]>(),
  patch: route('get', `${G}/patches/:patchId`, 'watcher')<PatchDetail>(),
  newPatch: route('post', `${G}/patches`, 'picker')<PatchView, NewPatch>({ body: 'json' }),
  changePatch: route('put', `${G}/patches/:patchId`, 'picker')<PatchView, ChangePatch>({ body: 'json' }),

  retirePatch: route('put', `${G}/patches/:patchId/retirement`, 'keeper')<null, Retire>({ body: 'json' }),
  removePatch: route('delete', `${G}/patches/:patchId`, 'picker')<null>(),
  assignStation: route('put', `${G}/patches/:patchId/station`, 'keeper')<null, AssignStation>({ body: 'json' }),

  poison: route('get', `${G}/patches/:patchId/poison`, 'watcher')<readonly PoisonView[]>(),
  prospects: route('get', `${G}/patches/:patchId/prospects`, 'watcher')<readonly Prospect[]>({ query: ['plants'] }),

  knownPhotos: route('get', `${G}/known-photos`, 'watcher')<readonly KnownPhoto[]>(),
  photos: route('get', `${G}/photos`, 'watcher')<readonly PhotoView[]>({ query: ['patch', 'stand'] }),
  addPhoto: route(
    'post',
    `${G}/photos/:photoId`,
    'picker',
  )<PhotoTaken>({
    body: 'bytes',
    query: ['patch', 'stand', 'day', 'pieces'],
    mostBytes: LARGEST_PHOTO_BYTES,
  }),
  /** A file that comes in pieces: which of them are there, one more, and `addPhoto` with their number once all are. */
  photoPieces: route('get', `${G}/photos/:photoId/pieces`, 'picker')<ArrivedPieces>(),
  addPhotoPiece: route(
    'put',
    `${G}/photos/:photoId/pieces/:n`,
    'picker',
  )<ArrivedPieces>({
    body: 'bytes',
    mostBytes: PHOTO_PIECE_BYTES,
    quiet: true,
  }),
  photo: route('get', `${G}/photos/:photoId`, 'watcher')<unknown>({ query: ['size'] }),
  forgetPhoto: route('delete', `${G}/photos/:photoId`, 'picker')<null>(),
  newPlaceImport: route(
    'post',
    `${G}/place-imports/:importId`,
    'keeper',
  )<PlaceImportPreview>({
    body: 'bytes',
    query: ['fileName'],
    mostBytes: LARGEST_PLACE_FILE_BYTES,
  }),
  placeImport: route('get', `${G}/place-imports/:importId`, 'keeper')<PlaceImportPreview>(),
  readPlaceImport: route(
    'put',
    `${G}/place-imports/:importId`,
    'keeper',
  )<PlaceImportPreview, PlaceReading>({
    body: 'json',
  }),
  storePlaceImport: route('post', `${G}/place-imports/:importId/store`, 'keeper')<StoredPlaces>(),
  undoPlaceImport: route('delete', `${G}/place-imports/:importId/places`, 'keeper')<UndonePlaces>(),
  dropPlaceImport: route('delete', `${G}/place-imports/:importId`, 'keeper')<null>(),
  exportFile: route('get', `${G}/exports/:what`, 'watcher')<unknown>({ query: ['format', 'secret'] }),
  /** Everything of the group as one file. Not called like the others: a browser saves it. */
  archive: route('get', `${G}/archive`, 'keeper')<never>(),
  paths: route('get', `${G}/paths`, 'watcher')<readonly PathView[]>(),
  forgetPath: route('delete', `${G}/paths/:pathId`, 'keeper')<null>(),

  newStand: route('post', `${G}/stands`, 'picker')<StandRef, NewStand>({ body: 'json' }),
  stand: route('get', `${G}/stands/:standId`, 'watcher')<StandView>({ query: ['day', 'known'] }),
  lowerStand: route('get', `${G}/stands/:standId/lower`, 'watcher')<LowerStand | null>(),
  standKit: route('get', `${G}/stands/:standId/kit`, 'watcher')<StandKit>(),
  standProof: route('get', `${G}/stands/:standId/proof`, 'watcher')<StandProof>(),
  proof: route('get', `${G}/proof`, 'watcher')<GroupProof>(),
  changeStand: route('put', `${G}/stands/:standId`, 'keeper')<StandRef, ChangeStand>({ body: 'json' }),
  retireStand: route('put', `${G}/stands/:standId/retirement`, 'keeper')<null, Retire>({ body: 'json' }),
  removeStand: route('delete', `${G}/stands/:standId`, 'picker')<null>(),
  standEntries: route('get', `${G}/stands/:standId/entries`, 'watcher')<EntryPage>({ query: ['before'] }),

  sync: route('post', `${G}/sync`, 'picker')<SyncAnswer, SyncRequest>({ body: 'json' }),

  hearth: route('get', `${G}/hearth`, 'watcher')<HearthView>({ query: ['day', 'near'] }),
  year: route('get', `${G}/year`, 'watcher')<YearView>({ query: ['day', 'past'] }),
  ribbon: route('get', `${G}/ribbon`, 'watcher')<RibbonView>({ query: ['day'] }),
  find: route('get', `${G}/find`, 'watcher')<readonly FoundThing[]>({ query: ['text'] }),

  notices: route('get', `${G}/notices`, 'watcher')<readonly Notice[]>(),
  calendarFeed: route('get', `${G}/calendar`, 'watcher')<{ readonly feed: CalendarFeedView | null }>(),
  makeCalendarFeed: route('post', `${G}/calendar`, 'watcher')<NewCalendarFeed, MakeCalendar>({ body: 'json' }),
  endCalendarFeed: route('delete', `${G}/calendar`, 'watcher')<null>(),
  calendar: route('get', '/api/calendar/:token', 'anyone')<unknown>(),

  sought: route('get', `${G}/sought`, 'watcher')<readonly SoughtView[]>(),
  seek: route('post', `${G}/sought`, 'picker')<SoughtView, NewSought>({ body: 'json' }),
  stopSeeking: route('delete', `${G}/sought/:soughtId`, 'picker')<null>(),

  tides: route('get', `${G}/tides`, 'watcher')<readonly TideView[]>(),
  newTide: route('post', `${G}/tides`, 'keeper')<TideView, NewTide>({ body: 'json' }),
  removeTide: route('delete', `${G}/tides/:tideId`, 'keeper')<null>(),

  stations: route('get', `${G}/stations`, 'watcher')<readonly StationView[]>(),
  newStation: route('post', `${G}/stations`, 'keeper')<StationView, NewStation>({ body: 'json' }),
  fetchStation: route('post', `${G}/stations/:stationId/fetch`, 'keeper')<StationView>(),
  retireStation: route('put', `${G}/stations/:stationId/retirement`, 'keeper')<null, Retire>({ body: 'json' }),
  removeStation: route('delete', `${G}/stations/:stationId`, 'keeper')<null>(),
  putHandDays: route('put', `${G}/stations/:stationId/days`, 'picker')<StationView, HandDays>({ body: 'json' }),
  stationDays: route('get', `${G}/stations/:stationId/days`, 'watcher')<StationDays>({ query: ['from', 'to'] }),
  imports: route('get', `${G}/imports`, 'keeper')<readonly ImportPreview[]>(),
  newImport: route(
    'post',
    `${G}/stations/:stationId/imports/:importId`,
    'keeper',
  )<ImportPreview>({
    body: 'bytes',
    query: ['fileName'],
  }),
  importPreview: route('get', `${G}/imports/:importId`, 'keeper')<ImportPreview>(),
  readImport: route('put', `${G}/imports/:importId`, 'keeper')<ImportPreview, ImportReading>({ body: 'json' }),
  storeImport: route('post', `${G}/imports/:importId/store`, 'keeper')<StoredImport>(),
  undoImport: route('delete', `${G}/imports/:importId/days`, 'keeper')<StationView>(),
  dropImport: route('delete', `${G}/imports/:importId`, 'keeper')<null>(),
} as const;
