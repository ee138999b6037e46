/** Litres in a US gallon. */
export const LITRES_A_GALLON = 3.785411784;
/** One m² a litre, in square feet a gallon. */
const SQ_FT_A_GALLON = 40.7458;
const UM_A_MIL = 25.4;

/** °C as °F, in whole degrees. */
export const toFahrenheit = (celsius: number): number => Math.round(celsius * 1.8 + 32);
/** °F as °C, to the tenth. */
export const fromFahrenheit = (fahrenheit: number): number => Math.round(((fahrenheit - 32) / 1.8) * 10) / 10;
/** m² a litre as square feet a gallon, as it stands on a tin. */
export const toSqFtPerGal = (m2PerL: number): number => Math.round(m2PerL * SQ_FT_A_GALLON);
/** Square feet a gallon as m² a litre, to the hundredth. */
export const fromSqFtPerGal = (sqFtPerGal: number): number => Math.round((sqFtPerGal / SQ_FT_A_GALLON) * 100) / 100;
/** A film in µm as mils, to the tenth. */
export const toMils = (um: number): number => Math.round((um / UM_A_MIL) * 10) / 10;
/** A film in mils as whole µm. */
export const fromMils = (mils: number): number => Math.round(mils * UM_A_MIL);
