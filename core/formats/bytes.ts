const CHUNK = 8192;

/** Bytes as a text of one sign a byte, in which lines can be told apart whatever they are encoded in. */
export function signsOf(bytes: Uint8Array): string {
  const pieces: string[] = [];
  for (let at = 0; at < bytes.length; at += CHUNK)
    pieces.push(String.fromCharCode(...bytes.subarray(at, at + CHUNK)));
  return pieces.join('');
}

/** The bytes of a text of one sign a byte. */
export const bytesOf = (signs: string): Uint8Array<ArrayBuffer> =>
  Uint8Array.from(signs, (sign) => sign.charCodeAt(0));

/** The bytes that a text in Base64 (RFC 4648) holds. */
export const bytesOfBase64 = (data: string): Uint8Array<ArrayBuffer> => bytesOf(atob(data));

/** Bytes in Base64 (RFC 4648). */
export const base64Of = (bytes: Uint8Array): string => btoa(signsOf(bytes));
