import type { Family } from '../vocabulary/index.ts';
import { asProduct } from './familyFigures.ts';
import type { DryingFigures, Product } from '../model/product.ts';

/** The shelf that ships with the application. Every maker and product is invented. */
type Row = readonly [family: Family, maker: string, name: string, over?: Partial<Omit<Product, 'drying'>> & { drying?: Partial<DryingFigures> }];

const Q = 'Quillbeck';
const D = 'Dunmarrow';
const F = 'Fettlewick & Son';
const S = 'Saltglass Works';
const O = 'Oxmere';

const ROWS: readonly Row[] = [
  ['pva-primer', Q, 'Boardcoat'],
  ['pva-primer', D, 'First Board'],
  ['pva-primer', O, 'Joint and Board', { spreadM2PerL: 12 }],
  ['multi-purpose-acrylic-primer', Q, 'Plainstart'],
  ['multi-purpose-acrylic-primer', D, 'Onground', { drying: { recoatMin: 90 } }],
  ['multi-purpose-acrylic-primer', S, 'Groundling', { tints: 'any' }],
  ['wood-acrylic-primer', Q, 'Joiner’s First'],
  ['wood-acrylic-primer', F, 'Softgrain Primer'],
  ['wood-acrylic-primer', O, 'Freshgrain', { drying: { recoatMin: 90 } }],
  ['bonding-acrylic-primer', Q, 'Gripfast Clear Day'],
  ['bonding-acrylic-primer', D, 'Holdwell', { drying: { recoatMin: 240 } }],
  ['bonding-acrylic-primer', S, 'Limpet', { does: { 'grip-nonferrous': 3 }, drying: { recoatMin: 120 } }],
  ['stain-blocking-acrylic-primer', D, 'Staywhite'],
  ['stain-blocking-acrylic-primer', S, 'Tidemark'],
  ['stain-blocking-acrylic-primer', O, 'Quietwhite', { spreadM2PerL: 11 }],
  ['oil-primer', F, 'Longkeel Primer'],
  ['oil-primer', S, 'Deepdraught', { drying: { recoatMin: 1440 } }],
  ['low-odour-oil-primer', F, 'Longkeel Quiet'],
  ['low-odour-oil-primer', O, 'Stillroom Block', { drying: { recoatMin: 360 } }],
  ['shellac-primer', F, 'Amberstop'],
  ['shellac-primer', Q, 'Spiritline', { drying: { recoatMin: 60, dustFreeMin: 25 } }],
  ['shellac-primer', S, 'Flake White', { drying: { recoatMin: 45 }, spreadM2PerL: 9 }],
  ['clear-shellac', F, 'Amberstop Clear'],
  ['clear-shellac', S, 'Flake Clear'],
  ['clear-bonding-primer', D, 'Holdwell Clear'],
  ['clear-bonding-primer', Q, 'Gripfast See-through'],
  ['wallpaper-sealer', D, 'Paperfast'],
  ['wallpaper-sealer', O, 'Smooth Over', { drying: { recoatMin: 240 } }],
  ['penetrating-sealer', Q, 'Deepset'],
  ['penetrating-sealer', S, 'Bindwell'],
  ['penetrating-epoxy', F, 'Heartwood Two'],
  ['penetrating-epoxy', S, 'Marrowset', { mix: { base: 1, hardener: 1, potLifeMin: 25 } }],
  ['masonry-primer', D, 'Wallground'],
  ['masonry-primer', S, 'Stonebound', { refuses: ['metal', 'timber'] }],
  ['metal-primer', F, 'Ironkeel'],
  ['metal-primer', Q, 'Anvil'],
  ['etch-primer', F, 'Brightbite'],
  ['etch-primer', S, 'Zincgrip'],
  ['microporous-primer', Q, 'Openpore'],
  ['microporous-primer', O, 'Sillbreath'],
  ['oil-undercoat', F, 'Longkeel Undercoat'],
  ['oil-undercoat', S, 'Deepdraught Under'],
  ['acrylic-primer-undercoat', Q, 'Evenlay'],
  ['acrylic-primer-undercoat', O, 'Twofold'],
  ['acrylic-wall', Q, 'Stillwater Wall'],
  ['acrylic-wall', D, 'Roomwell', { spreadM2PerL: 13, lastsYears: 10 }],
  ['acrylic-wall', O, 'Hearthside Wall', { spreadM2PerL: 14, refuses: ['metal'] }],
  ['acrylic-ceiling', D, 'Overhead White'],
  ['acrylic-ceiling', Q, 'Highcloud'],
  ['acrylic-ceiling', O, 'Plain Overhead'],
  ['moisture-resistant-acrylic', Q, 'Washhouse', { lastsYears: 8 }],
  ['moisture-resistant-acrylic', D, 'Steamwell'],
  ['moisture-resistant-acrylic', S, 'Scullery'],
  ['acrylic-trim', Q, 'Handrail', { lastsYears: 10 }],
  ['acrylic-trim', D, 'Doorstead', { drying: { recoatMin: 360 } }],
  ['acrylic-trim', S, 'Newel', { sheens: ['satin', 'gloss'] }],
  ['waterborne-alkyd', D, 'Level Best', { lastsYears: 8 }],
  ['waterborne-alkyd', S, 'Sidelight', { drying: { recoatMin: 720 } }],
  ['waterborne-alkyd', Q, 'Handrail Hard'],
  ['oil-enamel', F, 'Longkeel Gloss', { lastsYears: 8 }],
  ['oil-enamel', S, 'Deepdraught Gloss', { sheens: ['semi-gloss', 'gloss'] }],
  ['exterior-acrylic', Q, 'Lee Shore', { lastsYears: 10 }],
  ['exterior-acrylic', S, 'Weatherboard', { drying: { rainSafeMin: 120 }, lastsYears: 12 }],
  ['exterior-acrylic', D, 'Doorstead Outside', { lastsYears: 8 }],
  ['exterior-oil', F, 'Longkeel Exterior', { lastsYears: 8 }],
  ['exterior-oil', S, 'Deepdraught Marine', { lastsYears: 6 }],
  ['chalk-style', D, 'Lime Loft'],
  ['chalk-style', O, 'Dresser'],
  ['masonry-paint', D, 'Wallweather', { lastsYears: 15 }],
  ['floor-paint', D, 'Threshing Floor', { lastsYears: 5 }],
  ['floor-paint', S, 'Quayside Deck'],
  ['masonry-paint', S, 'Harbour Wall', { spreadOn: { masonry: 6 }, lastsYears: 12 }],
  ['waterborne-clear', Q, 'Clear Keeping'],
  ['waterborne-clear', S, 'Glasswort'],
  ['oil-varnish', F, 'Longkeel Varnish', { lastsYears: 4 }],
  ['oil-varnish', S, 'Deepdraught Clear'],
  ['alkaline-cleaner', Q, 'Sugar Wash'],
  ['alkaline-cleaner', S, 'Lyebrook'],
  ['degreaser', D, 'Rangecut'],
  ['degreaser', S, 'Galley Clean'],
  ['deglosser', F, 'Dullaway'],
  ['deglosser', S, 'Mattaway'],
  ['mould-wash', D, 'Sporewash'],
  ['mould-wash', O, 'Clearwall Wash'],
  ['wood-bleach', F, 'Palegrain'],
  ['denatured-alcohol', F, 'Rag Spirit'],
  ['filler', Q, 'Flushfill'],
  ['filler', O, 'Slow Fill'],
  ['filler', D, 'Quick Level'],
  ['acrylic-caulk', Q, 'Linerun'],
  ['acrylic-caulk', O, 'Cornice Bead'],
  ['elastomeric-caulk', D, 'Givejoint'],
  ['elastomeric-caulk', S, 'Springbead'],
  ['seam-adhesive', D, 'Seamdown'],
  ['seam-adhesive', O, 'Edgedown'],
  ['masonry-paint-remover', F, 'Brickbare'],
  ['stripper', F, 'Liftcoat'],
  ['stripper', S, 'Slow Lift'],
  ['mineral-spirits', F, 'Brush Spirit'],
  ['acetone', F, 'Plain Acetone'],
  ['silicone-sealant', D, 'Bathbead'],
  ['paintable-hybrid-sealant', D, 'Paintbead'],
  ['paintable-hybrid-sealant', S, 'Allbead'],
  ['exterior-filler', F, 'Heartwood Fill'],
  ['exterior-filler', S, 'Marrowfill'],
];

/** The id of a product that has none of its own: its maker and name. */
export const productId = (maker: string, name: string) => slug(`${maker} ${name}`);

const slug = (text: string) =>
  text
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');

/** Every shipped product, its own figures over its family's. */
export const SHIPPED_SHELF: readonly Product[] = ROWS.map(([family, maker, name, over]) => asProduct({ ...over, family, maker, name, id: productId(maker, name) }));
