export { climateHour, stationHours, type Hours, type Place, type Weather } from './station.ts';
export { forecast, type ForecastDoubt, type Forecast } from './forecast.ts';
export { roomHours, type RoomAir } from './indoors.ts';
export { sunOn, surfaceHours } from './surfaceTemperature.ts';
export { readReadings, type ReadingFault, type Readings, type ReadingsRead } from './readings.ts';
export { below, relianceOf, type Reliance } from './reliance.ts';
export { latestStart } from './lastDay.ts';
export { departed, drawWeather, type WeatherDraw, type DoubtedAir } from './drawnWeather.ts';
export {
  overWeeks,
  planChoices,
  type AsItStands,
  type Doubts,
  type OverWeeks,
  type PlanChoice,
  type PlanChoices,
  type Surer,
} from './overWeeks.ts';
