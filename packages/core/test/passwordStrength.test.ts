import { describe, expect, test } from '@jest/globals';
import { passwordStrength } from '../src/password/passwordStrength.ts';

const JUNO = ['Juno Reed', 'juno.reed@asked-in.example'];
describe('a password', () => {
  test.each([
    'password1234',
    'qwertyuiop123',
    '123456789012',
    'aaaaaaaaaaaa',
    'junoreedjunoreed',
    'juno.reed@asked-in.example',
  ])('%s will not do, and it is said why', async (password) => {
    const { score, weakness } = await passwordStrength(password, JUNO);
    expect(score).toBeLessThan(3);
    expect(weakness).toMatch(/^is too easily guessed\. .*good one\.$/);
  });
  test.each(['ladder gull thimble rain', 'high-water-mark', 'a long new word'])('%s will do', async (password) => {
    expect(await passwordStrength(password, JUNO)).toMatchObject({ weakness: null });
  });
  test('the same one is weaker for whoever is called so', async () => {
    const [hers, anybody] = [
      await passwordStrength('asked-in-juno', JUNO),
      await passwordStrength('asked-in-juno', []),
    ];
    expect(hers.score).toBeLessThan(anybody.score);
  });
});
