import { foundingFields } from '@rustic/core';
import { bodyOf } from '../http/bodyOf.ts';

/** A firm that begins, and its owner. */
export class FoundingBody extends bodyOf(foundingFields) {}
