export * from './surface.ts';
export * from './tests.ts';
export * from './families.ts';
export * from './work.ts';
export * from './needs.ts';
export * from './houseRules.ts';
export * from './labels.ts';
export * from './terms.ts';
