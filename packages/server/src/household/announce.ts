import { X509Certificate } from 'node:crypto';
import QRCode from 'qrcode';

export interface Announced {
  /** Address with encryption. */
  readonly secure: string;
  /** Address without. */
  readonly plain: string;
  readonly words: string;
  /** A passcode that was drawn just now: it is shown this once. */
  readonly drawn: string | null;
  /** PEM of what a phone is told to trust. */
  readonly root: string;
  readonly fresh: boolean;
}

/** Where the certificate to trust is fetched. */
export const ROOT_PATH = '/household.crt';

/** What is printed for whoever starts the house: the passcode once, the code to hold a phone to, and how to trust the address. */
export async function announce({ secure, plain, words, drawn, root, fresh }: Announced): Promise<string> {
  const url = `${secure}/door#${words.split(' ').join('-')}`;
  const { fingerprint256 } = new X509Certificate(root);
  return [
    ...(drawn ? ['', 'The household’s passcode, shown this once. Write it down:', `  ${drawn}`] : []),
    '',
    await QRCode.toString(url, { type: 'utf8', errorCorrectionLevel: 'M' }),
    `Hold a phone to it, or open ${secure} on it and type: ${words}`,
    'The words let in one device, within ten minutes. Settings draws new ones.',
    '',
    `A phone warns of the address until it trusts this house${fresh ? '; the certificate is new, so it has to be told (again)' : ''}. Fetch ${plain}${ROOT_PATH} on it, then:`,
    '- Where the settings have profiles: allow the profile to be loaded. Install it in the settings under General, device management. Switch it on under General, About, certificate trust.',
    '- Where the settings have security or privacy: open them and choose to install a CA certificate. Pick the file that was loaded. Open the address again.',
    '- On a computer: open the browser’s settings for certificates. Take the file in among the authorities, for websites. Open the address again.',
    `  Its fingerprint begins ${fingerprint256.slice(0, 23)}.`,
    `Where that fails, ${plain} works without encryption: then anybody on your network can read along, the application does not stay on the phone, and the light kept on and the tilt of the phone are not to be had.`,
    '',
  ].join('\n');
}
