import QRCode from 'qrcode';

/** The squares of a QR code, row by row, 1 for dark. Its error correction is meant for a tin that was handled. */
export function codeSquares(text: string): string[] {
  const { size, data } = QRCode.create(text, { errorCorrectionLevel: 'M' }).modules;
  return Array.from({ length: size }, (_, y) =>
    Array.from(data.subarray(y * size, (y + 1) * size), (d) => (d ? '1' : '0')).join(''),
  );
}
