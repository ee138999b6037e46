import { createHmac, randomBytes, randomUUID as uuid } from 'node:crypto';
import type { Browser, Page } from '@playwright/test';
import { send } from '../setUp.ts';
import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

const PASSWORD = 'ladder gull thimble rain';
const BASE_32 = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

/** What a phone shows for a secret (RFC 6238), by nothing but the standard. */
function figures(secret: string, ms: number): string {
  const bits = [...secret].map((c) => BASE_32.indexOf(c).toString(2).padStart(5, '0')).join('');
  const key = Buffer.from(bits.match(/.{8}/g)!.map((byte) => parseInt(byte, 2)));
  const step = Buffer.alloc(8);
  step.writeBigUInt64BE(BigInt(Math.floor(ms / 30_000)));
  const digest = createHmac('sha1', key).update(step).digest();
  const at = digest.at(-1)! & 0xf;
  return String((digest.readUInt32BE(at) & 0x7fffffff) % 1_000_000).padStart(6, '0');
}

async function signInAs(page: Page, email: string, password: string): Promise<void> {
  await page.getByLabel('E-mail address').fill(email);
  await page.getByLabel('Password', { exact: true }).fill(password);
  await page.getByRole('button', { name: 'Sign in' }).click();
}

/** Somebody who was asked in, on a page of their own at the door with a name, which a passkey needs. */
async function askedIn(page: Page, browser: Browser) {
  await signIn(page);
  const token = randomBytes(32).toString('base64url');
  const email = `${uuid()}@asked-in.example`;
  const asked = { id: uuid(), email, name: 'Juno Reed', initials: 'JR', role: 'painter', token };
  await send(page, 'POST', 'people/invitations', asked);
  const own = await browser.newContext({ ...(page.viewportSize() ? { viewport: page.viewportSize()! } : {}) });
  const juno = await own.newPage();
  const { origin } = new URL(page.url().replace('127.0.0.1', 'localhost'));
  await juno.goto(`${origin}/join/${token}`);
  return { juno, email, origin };
}

test('a passkey of the device opens the second lock, and where it is put off a code from the paper does', async ({
  page,
  browser,
}) => {
  const { juno, email, origin } = await askedIn(page, browser);
  const device = await juno.context().newCDPSession(juno);
  await device.send('WebAuthn.enable');
  const { authenticatorId } = await device.send('WebAuthn.addVirtualAuthenticator', {
    options: { protocol: 'ctap2', transport: 'internal', hasUserVerification: true, isUserVerified: true },
  });
  const willing = (enabled: boolean) =>
    device.send('WebAuthn.setAutomaticPresenceSimulation', { authenticatorId, enabled });
  await willing(true);
  await juno.getByLabel(/^A password of your own/).fill(PASSWORD);
  await juno.getByRole('button', { name: 'Come in' }).click();
  await expect(juno.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();

  await juno.goto(`${origin}/account`);
  await juno.getByRole('button', { name: 'Add a passkey of this device' }).click();
  await juno.getByLabel('What you call this device').fill('Work phone');
  await juno.getByLabel('Password of now, to add a passkey').fill(PASSWORD);
  await juno.getByRole('button', { name: 'Add it' }).click();
  await expect(juno.getByText('The lock is closed.')).toBeVisible();
  await expect(juno.getByText('Work phone')).toBeVisible();
  const codes = await juno.getByRole('status').locator('code').allInnerTexts();
  expect(codes).toHaveLength(10);

  await juno.getByRole('button', { name: 'Sign out on every device' }).click();
  await signInAs(juno, email, PASSWORD);
  await expect(juno.getByRole('heading', { name: 'My password and devices', level: 1 })).toBeVisible();

  // The device does not answer: the person is told, and a code opens.
  await juno.getByRole('button', { name: 'Sign out on every device' }).click();
  await device.send('WebAuthn.setUserVerified', { authenticatorId, isUserVerified: false });
  await device.send('WebAuthn.removeVirtualAuthenticator', { authenticatorId });
  await device.send('WebAuthn.addVirtualAuthenticator', {
    options: { protocol: 'ctap2', transport: 'internal', hasUserVerification: true, isUserVerified: false },
  });
  await signInAs(juno, email, PASSWORD);
  await expect(juno.getByText('Your device did not answer')).toBeVisible({ timeout: 20_000 });
  await juno.getByLabel('Six figures from your phone, or a code from your paper').fill(codes[2]!);
  await juno.getByRole('button', { name: 'Sign in' }).click();
  await expect(juno.getByRole('heading', { name: 'My password and devices', level: 1 })).toBeVisible();
  await expect(juno.getByText('9 codes on paper are left.')).toBeVisible();
  await juno.context().close();
});

test('somebody comes in by an invitation, closes a second lock, and is asked for it at the next sign-in', async ({
  page,
  browser,
}) => {
  const { juno, email, origin } = await askedIn(page, browser);

  // A weak password says so as it is typed, and is not taken.
  const chosen = juno.getByLabel(/^A password of your own/);
  await chosen.fill('password1234');
  await expect(juno.getByText(/too easily guessed/)).toBeVisible();
  await chosen.fill(PASSWORD);
  await expect(juno.getByText('Very good')).toBeVisible();
  await juno.getByRole('button', { name: 'Come in' }).click();
  await expect(juno.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();

  await juno.goto(`${origin}/account`);
  await juno.getByRole('button', { name: 'Let a phone open it' }).click();
  await juno.getByLabel('Password of now, to set it up').fill(PASSWORD);
  await juno.getByRole('button', { name: 'Set it up' }).click();
  const secret = (await juno.locator('code').innerText()).replaceAll(/\s/g, '');
  await juno.getByLabel('The six figures it shows').fill(figures(secret, Date.now()));
  await juno.getByRole('button', { name: 'Close the lock' }).click();
  await expect(juno.getByText('The lock is closed.')).toBeVisible();
  const codes = await juno.getByRole('status').locator('code').allInnerTexts();
  expect(codes).toHaveLength(10);

  await juno.getByRole('button', { name: 'Sign out on every device' }).click();
  await signInAs(juno, email, PASSWORD);
  const asked = juno.getByLabel('Six figures from your phone, or a code from your paper');
  await expect(asked).toBeFocused();
  await asked.fill(codes[4]!);
  await juno.getByRole('button', { name: 'Sign in' }).click();
  await expect(juno.getByRole('heading', { name: 'My password and devices', level: 1 })).toBeVisible();
  await juno.context().close();
});

test('whoever does not know the password any more asks for a link, and is told no more than that', async ({ page }) => {
  await page.goto('/');
  await page.getByLabel('E-mail address').fill('nobody@nowhere.example');
  await page.getByRole('button', { name: 'I do not know my password any more' }).click();
  await page.getByRole('button', { name: 'Send it' }).click();
  await expect(page.getByText('If somebody has this address here, a link is on its way to it.')).toBeVisible();
  await page.goto('/recover/0000000000000000000000000000000000000000000');
  await expect(page.getByText('This link is not open: it ran out, or was used.')).toBeVisible();
});
