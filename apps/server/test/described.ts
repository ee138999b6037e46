import { Ajv2020, type ValidateFunction } from 'ajv/dist/2020.js';

interface Operation {
  responses: Record<string, { content?: { 'application/json'?: { schema: object } } }>;
}
export interface Description {
  paths: Record<string, Record<string, Operation>>;
  components: { schemas: Record<string, object> };
}

/** Holds answers against the API's own description of them. */
export class Described {
  private readonly ajv = new Ajv2020({ strict: false, validateFormats: false });
  private readonly checks = new Map<string, ValidateFunction | null>();
  private readonly paths: readonly (readonly [RegExp, string])[];

  constructor(private readonly description: Description) {
    this.ajv.addSchema({ $id: 'api', components: description.components });
    this.paths = Object.keys(description.paths)
      .sort((a, b) => a.split('{').length - b.split('{').length)
      .map((path) => [new RegExp(`^${path.replaceAll(/\{\w+\}/g, '[^/]+')}$`), path] as const);
  }

  /** What is wrong with an answer by its description; empty where it is as described, or none is. */
  faultsIn(method: string, address: string, status: number, body: unknown): string[] {
    const path = this.paths.find(([pattern]) => pattern.test(address.split('?')[0]!))?.[1];
    const check = path && this.checkOf(method.toLowerCase(), path, status);
    if (!check || check(body)) return [];
    return (check.errors ?? []).map((e) => `${method} ${path}, ${status}: ${e.instancePath} ${e.message}`);
  }

  private checkOf(method: string, path: string, status: number): ValidateFunction | null {
    const key = `${method} ${path} ${status}`;
    const known = this.checks.get(key);
    if (known !== undefined) return known;
    const responses = this.description.paths[path]?.[method]?.responses ?? {};
    const answered = responses[String(status)] ?? responses[`${String(status)[0]}XX`];
    const schema = answered?.content?.['application/json']?.schema;
    const text = schema && JSON.stringify(schema).replaceAll('"#/components', '"api#/components');
    const check = text ? this.ajv.compile(JSON.parse(text) as object) : null;
    this.checks.set(key, check);
    return check;
  }
}
