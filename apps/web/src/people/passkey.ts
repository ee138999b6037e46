import type {
  PublicKeyCredentialCreationOptionsJSON,
  PublicKeyCredentialRequestOptionsJSON,
} from '@simplewebauthn/browser';

/** What went wrong between the page and the device, in words; what the device says itself is in nobody's words. */
export const DEVICE_FAULT =
  'Your device did not answer, or you put it off. Nothing was changed; try again, or take a code.';

/** Whether a device may keep a key for this page: the browser can, and the page has a name and not a bare address. */
export const canKeepKeys = (): boolean =>
  typeof PublicKeyCredential === 'function' && !/^[\d.]+$|^\[/.test(location.hostname);

/** Asks the device to make a key. It is fetched when somebody asks for one. */
export const makeKey = async (optionsJSON: PublicKeyCredentialCreationOptionsJSON) =>
  (await import('@simplewebauthn/browser')).startRegistration({ optionsJSON });

/** Asks the device to open with a key of its own. */
export const openWithKey = async (optionsJSON: PublicKeyCredentialRequestOptionsJSON) =>
  (await import('@simplewebauthn/browser')).startAuthentication({ optionsJSON });
