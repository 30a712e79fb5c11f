import type { CalendarKind, DayRangeView, Duty, PartOutlook, Text } from '@emberfield/contract';
import { dayNumber, isoDay, type DayNumber, seasonOf } from '@emberfield/core/measure';
import { lastCallOf, type WindowForecast } from '@emberfield/core/windows';
import { dutiesOf } from '../../hearth/index.ts';
import { digestOf } from '../../platform/tokens.ts';
import { viewRange } from '@emberfield/core/stand';
import type { Dossier } from '../../stands/index.ts';

/** Something that comes on a day: what a calendar's entry and a notice are made from. */
export interface Coming {
  readonly kind: CalendarKind;
  /** What it is, whenever it comes. */
  readonly keyDigest: Buffer;
  readonly day: DayNumber;
  readonly dossier: Dossier;
  readonly about:
    | {
        readonly kind: 'opens' | 'lastCall';
        readonly partName: Text;
        readonly range: DayRangeView;
        /** Its identity is settled; else the entry says so. */
        readonly settled: boolean;
        /** Shut on the day itself: the last day of the window. */
        readonly closes: DayNumber | null;
      }
    | { readonly kind: 'duty'; readonly duty: Duty };
}

interface Frame {
  readonly today: DayNumber;
  readonly from: DayNumber;
  readonly to: DayNumber;
}

/** What comes at a stand between two days, as seen today. What rests or must be left alone is not announced. */
export function comingAt(dossier: Dossier, { today, from, to }: Frame): readonly Coming[] {
  const within = ({ day }: Coming): boolean => day >= from && day <= to;
  const { outlooks } = dossier.answers.on(today);
  return [
    ...outlooks.flatMap((o, w) => (shut(o) ? [] : windowsComing(dossier, w, o, { today, from, to }))),
    ...dutiesOf(dossier, today).flatMap((duty) => dutyComing(dossier, duty)),
  ].filter(within);
}

/** Whatever the day, nothing of it may be taken. */
const shut = ({ readiness, allowance }: PartOutlook): boolean =>
  readiness.state === 'banked' || allowance.ceilings.some((c) => c.bars && SHUT.has(c.kind));
const SHUT = new Set(['protected', 'leaveAlone', 'rest', 'ownerLeave', 'lookAlikeSeen', 'contaminated']);

function windowsComing(
  dossier: Dossier,
  w: number,
  outlook: PartOutlook,
  { from, to, today }: Frame,
): readonly Coming[] {
  const { plant, patch, stand } = dossier;
  const { seasonStart } = plant.profile;
  const settled = dossier.answers.on(today).identity.status === 'confirmed';
  const [first, last] = [seasonOf(from, seasonStart, patch.latitudeDeg), seasonOf(to, seasonStart, patch.latitudeDeg)];
  const seasons = Array.from({ length: last - first + 2 }, (_, k) => first - 1 + k);
  return seasons.flatMap((season): readonly Coming[] => {
    const { windows, regrown } = dossier.answers.seasons.of(season);
    return [windows[w]!, ...(regrown[w] ? [regrown[w].window] : [])].flatMap((window) => daysOf(window, season));
  });

  function daysOf({ opens, closes, again }: WindowForecast, season: number): readonly Coming[] {
    const key = (kind: string): Buffer =>
      digestOf([stand.id, kind, outlook.part, outlook.use, season, ...(again ? ['again'] : [])].join('|'));
    if (opens.p50 === null) return [];
    const common = { partName: outlook.partName, settled, closes: closes.p50 };
    const lastCall = closes.p50 === null ? null : lastCallOf({ opens: opens.p50, closes: closes.p50 });
    return [
      {
        kind: 'opens',
        keyDigest: key('opens'),
        day: opens.p50,
        dossier,
        about: { ...common, kind: 'opens', range: viewRange(opens) },
      },
      ...(lastCall === null
        ? []
        : [
            {
              kind: 'lastCall' as const,
              keyDigest: key('lastCall'),
              day: lastCall,
              dossier,
              about: { ...common, kind: 'lastCall' as const, range: viewRange(closes) },
            },
          ]),
    ];
  }
}

/** Duties that have a day: what waits for no day stands on the Hearth alone. */
function dutyComing(dossier: Dossier, duty: Duty): readonly Coming[] {
  const { stand } = dossier;
  const on = (day: string | null, mark: string, kind: CalendarKind = 'duty'): readonly Coming[] =>
    day === null
      ? []
      : [
          {
            kind,
            keyDigest: digestOf([stand.id, duty.kind, mark].join('|')),
            day: dayNumber(day),
            dossier,
            about: { kind: 'duty', duty },
          },
        ];
  switch (duty.kind) {
    case 'awaited':
      return on(duty.due, `${duty.sign}`);
    case 'checkPlanting':
      return on(duty.due, `${duty.plantingId}|${duty.due}`);
    case 'settleIdentity':
      return on(duty.lookAgain?.p50 ?? null, '');
    case 'searchLookAlike':
      return on(duty.showsNow ? null : duty.showsNext, duty.name['en'] ?? '');
    case 'leaveEnds':
      return on(duty.until, '', 'leave');
    case 'secondPerson':
    case 'countStand':
    // Of no stand: the Hearth has them beside these.
    case 'settleFind':
    case 'permitEnds':
      return [];
  }
}

export const isoOf = ({ day }: Coming): string => isoDay(day);
