import sharp from 'sharp';

const [WIDTH, HEIGHT] = [4000, 3000];
const SETTING = {
  corners: {
    topLeft: { x: 0.12, y: 0.16 },
    topRight: { x: 0.86, y: 0.2 },
    bottomRight: { x: 0.84, y: 0.82 },
    bottomLeft: { x: 0.15, y: 0.85 },
  },
  band: { from: 0.35, to: 0.65 },
};

/** A photo as a camera makes one: a grey wall with grain, and a brown band across it. */
async function photo() {
  const noise = { type: 'gaussian', mean: 170, sigma: 6 };
  const band = await sharp({ create: { width: WIDTH, height: 700, channels: 3, background: '#a08a60' } })
    .png()
    .toBuffer();
  return sharp({ create: { width: WIDTH, height: HEIGHT, channels: 3, background: '#bbbbbb', noise } })
    .composite([{ input: band, top: 1200, left: 0, blend: 'multiply' }])
    .jpeg({ quality: 90 })
    .toBuffer();
}

/** A picture of twelve megapixels: four patches measured in it, beside decoding it alone. */
export async function pictureRows(core, timed) {
  const file = await photo();
  const decode = () => sharp(file).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
  const { data, info } = await decode();
  const picture = { data, width: info.width, height: info.height };
  const read = () => core.readPatchPicture(picture, SETTING, 4);
  if (!Array.isArray(read())) throw new Error('the picture was not read');
  const [alone, measured] = [await timed(5, decode), await timed(9, read)];
  const seen = [30, 240, 1500].map((minutes) => ({ minutes, coats: 1, difference: 3, doubt: 0.1 }));
  const told = await timed(9, () => core.patchSeen(seen));
  return [
    [
      'a picture of 12 megapixels measured',
      `${(alone + measured).toFixed(0)} ms`,
      '1000 ms',
      `decoding alone ${alone.toFixed(0)} ms; four patches in it ${measured.toFixed(1)} ms; what three say ${told.toFixed(1)} ms`,
    ],
  ];
}
