import { existsSync } from 'node:fs';
import { has, runQuiet } from './run.mjs';
import { say, stop } from './say.mjs';

const WHERE = {
  mariadbd: ['/usr/sbin/mariadbd', '/usr/bin/mariadbd'],
  chromium: ['/usr/bin/chromium'],
  haproxy: ['/usr/sbin/haproxy'],
};

/** The path of a program that a Debian package brings; installs the package where it may, says which one where it may not. */
export function fromDebian(program, debianPackage) {
  const found = () => WHERE[program].find((path) => existsSync(path));
  if (found()) return found();
  const root = process.getuid?.() === 0;
  if (!root && !has('sudo'))
    stop(`${program} is missing. Install the Debian package "${debianPackage}", then run this again.`);
  say(`Installing Debian's ${debianPackage} …`);
  const apt = (...args) => {
    // The package's own service is not wanted: we start our own.
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive', RUNLEVEL: '1' };
    return root
      ? runQuiet('apt-get', args, { env })
      : runQuiet('sudo', ['-n', 'env', 'DEBIAN_FRONTEND=noninteractive', 'RUNLEVEL=1', 'apt-get', ...args]);
  };
  apt('update');
  const installed = apt('install', '-y', '--no-install-recommends', debianPackage);
  if (installed.status !== 0 || !found())
    stop(
      `Debian's ${debianPackage} could not be installed. Install it by hand, then run this again.\n${installed.stderr.split('\n').slice(-4).join('\n')}`,
    );
  return found();
}
