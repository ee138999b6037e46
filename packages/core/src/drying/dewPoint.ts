/** Magnus coefficients over water, −45 … 60 °C. Source: Magnus formula as used in ISO 8502-4. */
const A = 17.62;
const B = 243.12;

/** Saturation vapour pressure in hPa at a temperature in °C. Source: Magnus formula. */
export function saturationPressure(temperatureC: number): number {
  return 6.112 * Math.exp((A * temperatureC) / (B + temperatureC));
}

/** Dew point in °C from air temperature in °C and relative humidity in % (above 0). Source: Magnus formula, ISO 8502-4. */
export function dewPoint(temperatureC: number, relativeHumidityPct: number): number {
  const gamma = Math.log(Math.max(relativeHumidityPct, 0.01) / 100) + (A * temperatureC) / (B + temperatureC);
  return (B * gamma) / (A - gamma);
}

/** Vapour-pressure deficit in hPa: how much more water this air can take. */
export function vapourDeficit(temperatureC: number, relativeHumidityPct: number): number {
  return saturationPressure(temperatureC) * (1 - Math.min(100, relativeHumidityPct) / 100);
}
