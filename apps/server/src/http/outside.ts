import type { NestExpressApplication } from '@nestjs/platform-express';
import type { NextFunction, Request, Response } from 'express';

/** How the application is reached from outside, by setting. */
export interface Outside {
  /** Proxies whose word on the caller's address, host and TLS is taken: addresses, networks, or `loopback`. */
  trustedProxies: readonly string[];
  /** Names under which it may be asked for, without a port; loopback always. */
  hosts: readonly string[];
}

const LOOPBACK = ['localhost', '127.0.0.1', '[::1]'];
const list = (said: string | undefined) =>
  (said ?? '')
    .split(',')
    .map((one) => one.trim())
    .filter(Boolean);

/** Reads `TRUSTED_PROXIES` and `ALLOWED_HOSTS`, each a list with commas. */
export const outsideOf = (env: NodeJS.ProcessEnv): Outside => ({
  trustedProxies: list(env['TRUSTED_PROXIES']),
  hosts: [...LOOPBACK, ...list(env['ALLOWED_HOSTS']).map((host) => host.toLowerCase())],
});

/** A year: a browser that came by TLS once comes by nothing else. */
const HSTS = 'max-age=31536000';

/** Knows who asks, under which name, and how safely; asked for under a foreign name it answers nothing. */
export function reachedBy(app: NestExpressApplication, { trustedProxies, hosts }: Outside): void {
  app.set('trust proxy', trustedProxies.length > 0 ? [...trustedProxies] : false);
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (request.secure) response.setHeader('Strict-Transport-Security', HSTS);
    const name = nameIn(request.host);
    if (name !== null && hosts.includes(name)) return next();
    response.status(421).json({
      code: 'other-host',
      message: `This is not asked for under the name "${(name ?? '').slice(0, 100)}". Nothing was written. Whoever runs it can allow the name by ALLOWED_HOSTS.`,
      requestId: '',
    });
  });
}

/** The name in a host with or without a port; null where it is none. */
function nameIn(host: string | undefined): string | null {
  const address = `http://${host ?? ''}`;
  return host && URL.canParse(address) ? new URL(address).hostname.toLowerCase() : null;
}
