import { readCoordinates, sayCoordinates, type Coordinates } from '@rustic/core';
import { FigureField } from './fields.tsx';

/** Coordinates as a map or a phone writes them; what cannot be read is said beside the field. */
export const CoordinatesField = ({ name, words }: { name: string; words: string }) => (
  <FigureField
    name={name}
    words={words}
    inputMode="text"
    width="w-full"
    maxLength={80}
    placeholder="40.5853, -105.0844"
    isRead={(text) => readCoordinates(text) !== null}
    unread="This cannot be read. Write it as 40.5853, -105.0844; nothing was changed."
  />
);

/** How they stand in their field, and back: an empty field says that they are not known. */
export const coordinatesTyped = (at: Coordinates | null | undefined) => (at ? sayCoordinates(at) : '');
export const coordinatesSaid = (text: string): Coordinates | null => (text.trim() ? readCoordinates(text) : null);
