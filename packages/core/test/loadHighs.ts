import highsLoader from 'highs';

/** The solver's types speak of another kind of module than the one that runs. */
export const loadHighs = highsLoader as unknown as typeof highsLoader.default;
