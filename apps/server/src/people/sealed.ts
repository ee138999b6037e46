import { createCipheriv, createDecipheriv, randomBytes } from 'node:crypto';

const CIPHER = 'aes-256-gcm';
const KEY_BYTES = 32;
const IV_BYTES = 12;
const TAG_BYTES = 16;
const MARK = 'sealed.1.';

/** The key that seals what a database must not tell by itself: 32 bytes, written for an address; null where none is set. */
function keyOf(env: NodeJS.ProcessEnv): Buffer | null {
  const said = env['SECRETS_KEY'];
  if (!said) return null;
  const key = Buffer.from(said, 'base64url');
  if (key.length !== KEY_BYTES) throw new Error('SECRETS_KEY is not 32 bytes in base64url.');
  return key;
}

/** Seals a secret for its owner: it opens for nobody else, though somebody put it into another's row. */
export function seal(secret: string, owner: string, env = process.env): string {
  const key = keyOf(env);
  if (!key) return secret;
  const iv = randomBytes(IV_BYTES);
  const cipher = createCipheriv(CIPHER, key, iv).setAAD(Buffer.from(owner));
  const sealed = Buffer.concat([iv, cipher.update(secret, 'utf8'), cipher.final(), cipher.getAuthTag()]);
  return MARK + sealed.toString('base64url');
}

/** The secret again; null where the key is another, or what was sealed is not whole. One of before there was a key is as it is. */
export function unseal(sealed: string, owner: string, env = process.env): string | null {
  if (!sealed.startsWith(MARK)) return sealed;
  const key = keyOf(env);
  if (!key) return null;
  const bytes = Buffer.from(sealed.slice(MARK.length), 'base64url');
  const opening = createDecipheriv(CIPHER, key, bytes.subarray(0, IV_BYTES))
    .setAAD(Buffer.from(owner))
    .setAuthTag(bytes.subarray(-TAG_BYTES));
  try {
    return opening.update(bytes.subarray(IV_BYTES, -TAG_BYTES), undefined, 'utf8') + opening.final('utf8');
  } catch {
    return null;
  }
}
