import { createHash, createSign, generateKeyPairSync, randomBytes, type KeyObject } from 'node:crypto';

/** A device that keeps keys, as the standard has it (WebAuthn level 2), by nothing but the standard. */
export class Device {
  private readonly keys = new Map<string, { id: Buffer; key: KeyObject; counter: number }>();

  /** Makes a key for a page, as it is asked. */
  make(asked: { rp: { id: string }; challenge: string }, page: string) {
    const { privateKey, publicKey } = generateKeyPairSync('ec', { namedCurve: 'P-256' });
    const id = randomBytes(16);
    this.keys.set(id.toString('base64url'), { id, key: privateKey, counter: 0 });
    const { x, y } = publicKey.export({ format: 'jwk' }) as { x: string; y: string };
    const coordinates = [x, y].map((one) => Buffer.from(one, 'base64url'));
    // A COSE key: kind 2 (EC), algorithm -7 (ES256), curve 1 (P-256), x, y.
    const cose = Buffer.concat([
      Buffer.from([0xa5, 0x01, 0x02, 0x03, 0x26, 0x20, 0x01, 0x21, 0x58, 0x20]),
      coordinates[0]!,
      Buffer.from([0x22, 0x58, 0x20]),
      coordinates[1]!,
    ]);
    const length = Buffer.from([0, id.length]);
    const data = Buffer.concat([authData(asked.rp.id, 0x41, 0), Buffer.alloc(16), length, id, cose]);
    // {"fmt": "none", "attStmt": {}, "authData": bytes}
    const attestation = Buffer.concat([
      Buffer.from([0xa3, 0x63]),
      Buffer.from('fmt'),
      Buffer.from([0x64]),
      Buffer.from('none'),
      Buffer.from([0x67]),
      Buffer.from('attStmt'),
      Buffer.from([0xa0, 0x68]),
      Buffer.from('authData'),
      Buffer.from([0x58, data.length]),
      data,
    ]);
    return answerOf(id, {
      clientDataJSON: clientData('webauthn.create', asked.challenge, page).toString('base64url'),
      attestationObject: attestation.toString('base64url'),
    });
  }

  /** Opens with the first key that is asked for and that it has. */
  open(asked: { rpId: string; challenge: string; allowCredentials: { id: string }[] }, page: string) {
    const mine = asked.allowCredentials.map(({ id }) => this.keys.get(id)).find((one) => one !== undefined)!;
    const data = authData(asked.rpId, 0x01, ++mine.counter);
    const client = clientData('webauthn.get', asked.challenge, page);
    const signed = createSign('sha256').update(data).update(createHash('sha256').update(client).digest());
    return answerOf(mine.id, {
      clientDataJSON: client.toString('base64url'),
      authenticatorData: data.toString('base64url'),
      signature: signed.sign(mine.key).toString('base64url'),
    });
  }
}

/** Whose door, what was proved (0x01: somebody was there; 0x40: a key follows), and how often the key was used. */
function authData(name: string, flags: number, counter: number): Buffer {
  const count = Buffer.alloc(4);
  count.writeUInt32BE(counter);
  return Buffer.concat([createHash('sha256').update(name).digest(), Buffer.from([flags]), count]);
}

const clientData = (type: string, challenge: string, origin: string) =>
  Buffer.from(JSON.stringify({ type, challenge, origin, crossOrigin: false }));

const answerOf = (id: Buffer, response: Record<string, string>) => ({
  id: id.toString('base64url'),
  rawId: id.toString('base64url'),
  type: 'public-key',
  response,
  clientExtensionResults: {},
});
