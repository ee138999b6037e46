import swcJest from '@swc/jest';

/**
 * Compiles for Jest, and gives each module its own names for what it uses of the language's globals. Jest runs modules
 * in a context of their own, where every look at a global asks that context first: arithmetic takes several times as long.
 */
const NAMES = [
  'Array',
  'Boolean',
  'Error',
  'Float64Array',
  'Infinity',
  'Int16Array',
  'Int32Array',
  'JSON',
  'Map',
  'Math',
  'NaN',
  'Number',
  'Object',
  'Set',
  'String',
  'Uint16Array',
  'Uint8Array',
  'WeakMap',
];

const uses = (code, name) => new RegExp(`(?<![.\\w$'"])${name}\\b(?!['"]|\\s*:)`).test(code);
const declares = (code, name) =>
  new RegExp(`\\b(?:const|let|var|class|function|import)\\b[^;=(]*\\b${name}\\b(?!\\s*<)`).test(code);

const named = (code) => {
  const names = NAMES.filter((name) => uses(code, name) && !declares(code, name));
  return names.length ? `const ${names.map((n) => `${n} = globalThis.${n}`).join(', ')};${code}` : code;
};

const { createTransformer } = swcJest;

export default {
  createTransformer(options) {
    const swc = createTransformer(options);
    const withNames = (made) => ({ ...made, code: named(made.code) });
    return {
      ...swc,
      getCacheKey: (...asked) => `${swc.getCacheKey(...asked)}-named`,
      process: (...asked) => withNames(swc.process(...asked)),
      processAsync: async (...asked) => withNames(await swc.processAsync(...asked)),
    };
  },
};
