/** How a service's answer is read: names of its fields, as the operator wrote them down. */
export interface WeatherFields {
  /** Where the days stand, with dots; empty for the answer itself. */
  readonly days: string;
  readonly day: string;
  readonly min: string;
  readonly max: string;
  /** `null` for a service without rain. */
  readonly rain: string | null;
  readonly temperature: 'C' | 'F';
}
export const USUAL_FIELDS: WeatherFields = {
  days: 'days',
  day: 'day',
  min: 'min',
  max: 'max',
  rain: 'rain',
  temperature: 'C',
};

/** A service of daily weather as JSON. Only the operator names it: nobody else can make the server call anywhere. */
export interface WeatherService {
  /** With {lat}, {lon}, {from} and {to} in it. */
  readonly url: string;
  readonly fields: WeatherFields;
}

const PLACES = ['{lat}', '{lon}', '{from}', '{to}'] as const;

/** Reads the operator's settings. @throws Error with a sentence that says what is wrong. */
export function readWeatherService(url: string | null, fields: string | null): WeatherService | null {
  if (url === null) return null;
  const missing = PLACES.filter((p) => !url.includes(p));
  if (!/^https?:\/\/[^/\s]+\/\S*$/.test(url) || missing.length > 0)
    throw new Error(
      `EMBERFIELD_WEATHER must be an address such as https://weather.example/days?lat={lat}&lon={lon}&from={from}&to={to}${missing.length > 0 ? `; ${missing.join(', ')} is missing` : ''}.`,
    );
  return { url, fields: readFields(fields) };
}

function readFields(text: string | null): WeatherFields {
  if (text === null) return USUAL_FIELDS;
  const wrong = new Error(
    'EMBERFIELD_WEATHER_FIELDS must be JSON with some of days, day, min, max, rain (names, rain may be null) and temperature ("C" or "F").',
  );
  let given: unknown;
  try {
    given = JSON.parse(text);
  } catch {
    throw wrong;
  }
  if (given === null || typeof given !== 'object' || Array.isArray(given)) throw wrong;
  for (const [name, value] of Object.entries(given)) {
    const fits =
      name === 'temperature'
        ? value === 'C' || value === 'F'
        : name === 'rain'
          ? value === null || typeof value === 'string'
          : name in USUAL_FIELDS && typeof value === 'string';
    if (!fits) throw wrong;
  }
  return { ...USUAL_FIELDS, ...(given as Partial<WeatherFields>) };
}

/** The address for a place and days, both included. */
export function addressFor(
  { url }: WeatherService,
  place: { readonly latitudeDeg: number; readonly longitudeDeg: number },
  days: { readonly from: string; readonly to: string },
): string {
  return url
    .replaceAll('{lat}', place.latitudeDeg.toFixed(4))
    .replaceAll('{lon}', place.longitudeDeg.toFixed(4))
    .replaceAll('{from}', days.from)
    .replaceAll('{to}', days.to);
}
