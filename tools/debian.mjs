import { existsSync } from 'node:fs';
import { has, runQuiet } from './run.mjs';
import { say, stop } from './say.mjs';

/** The program that a Debian package brings, by where it may lie. */
const PROGRAMS = {
  'mariadb-server': ['/usr/sbin/mariadbd', '/usr/bin/mariadbd'],
  'chromium-headless-shell': ['/usr/bin/chromium-headless-shell'],
  chromium: ['/usr/bin/chromium'],
  haproxy: ['/usr/sbin/haproxy'],
};
const programOf = (debianPackage) => PROGRAMS[debianPackage].find((path) => existsSync(path));

/**
 * The path of the program that a Debian package brings; where it is missing the package is installed, if we may. Of
 * several packages that do alike the first that can be had is taken. Ends with which one is missing where none can.
 */
export function fromDebian(...packages) {
  const [debianPackage] = packages;
  for (const one of packages) if (programOf(one) || couldInstall(one)) return programOf(one);
  stop(`Debian's ${debianPackage} is missing, and could not be installed. Install it by hand, then run this again.`);
}

/** Debian's Chromium as it is made for work without a window; the whole one where this Debian has no other. */
export const headlessChromium = () => fromDebian('chromium-headless-shell', 'chromium');

function couldInstall(debianPackage) {
  const root = process.getuid?.() === 0;
  if (!root && !has('sudo')) return false;
  say(`Installing Debian's ${debianPackage} …`);
  const apt = (...args) => {
    // The package's own service is not wanted: we start our own.
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive', RUNLEVEL: '1' };
    return root
      ? runQuiet('apt-get', args, { env })
      : runQuiet('sudo', ['-n', 'env', 'DEBIAN_FRONTEND=noninteractive', 'RUNLEVEL=1', 'apt-get', ...args]);
  };
  apt('update');
  const { status, stderr } = apt('install', '-y', '--no-install-recommends', debianPackage);
  if (status !== 0) say(stderr.split('\n').slice(-4).join('\n'));
  return status === 0 && programOf(debianPackage) !== undefined;
}
