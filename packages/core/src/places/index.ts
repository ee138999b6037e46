export { readPlaces, type NamedPlace, type PlacesRead } from './placesFile.ts';
