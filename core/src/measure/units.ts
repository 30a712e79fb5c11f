/** Conversions for display and input. The core itself computes in °C, metres, grams and millilitres. */
export const celsiusToFahrenheit = (tempC: number): number => (tempC * 9) / 5 + 32;
export const fahrenheitToCelsius = (tempF: number): number => ((tempF - 32) * 5) / 9;

/** A difference of temperatures: no offset. */
export const celsiusSpanToFahrenheit = (spanC: number): number => (spanC * 9) / 5;

const METRES_PER_FOOT = 0.3048;
export const metresToFeet = (lengthM: number): number => lengthM / METRES_PER_FOOT;
export const feetToMetres = (lengthFt: number): number => lengthFt * METRES_PER_FOOT;

const GRAMS_PER_OUNCE = 28.349523125;
export const gramsToOunces = (massG: number): number => massG / GRAMS_PER_OUNCE;
export const ouncesToGrams = (massOz: number): number => massOz * GRAMS_PER_OUNCE;

const MM_PER_INCH = 25.4;
export const millimetresToInches = (lengthMm: number): number => lengthMm / MM_PER_INCH;
