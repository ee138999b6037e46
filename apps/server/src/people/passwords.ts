import { hash, verify } from '@node-rs/argon2';

/** argon2id (algorithm 2) at the cost OWASP names as its first choice: 19 MiB, two passes. */
const COST = { algorithm: 2, memoryCost: 19_456, timeCost: 2, parallelism: 1 };

export const hashPassword = (password: string) => hash(password, COST);
export const passwordFits = (stored: string, password: string) => verify(stored, password, COST).catch(() => false);
