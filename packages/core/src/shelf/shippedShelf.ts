import type { Family } from '../vocabulary/index.ts';
import { asProduct } from './familyFigures.ts';
import type { DryingFigures, Product } from './product.ts';

/** The shelf that ships with the application. Every maker and product is invented. */
type Row = readonly [family: Family, maker: string, name: string, over?: Partial<Omit<Product, 'drying'>> & { drying?: Partial<DryingFigures> }];

const Q = 'Quillbeck';
const D = 'Dunmarrow';
const F = 'Fettlewick & Son';

const ROWS: readonly Row[] = [
  ['pva-primer', Q, 'Boardcoat'],
  ['pva-primer', D, 'First Board'],
  ['multi-purpose-acrylic-primer', Q, 'Plainstart'],
  ['multi-purpose-acrylic-primer', D, 'Onground', { drying: { recoatMin: 90 } }],
  ['wood-acrylic-primer', Q, 'Joiner’s First'],
  ['wood-acrylic-primer', F, 'Softgrain Primer'],
  ['bonding-acrylic-primer', Q, 'Gripfast Clear Day'],
  ['bonding-acrylic-primer', D, 'Holdwell', { drying: { recoatMin: 240 } }],
  ['stain-blocking-acrylic-primer', D, 'Staywhite'],
  ['oil-primer', F, 'Longkeel Primer'],
  ['low-odour-oil-primer', F, 'Longkeel Quiet'],
  ['shellac-primer', F, 'Amberstop'],
  ['shellac-primer', Q, 'Spiritline', { drying: { recoatMin: 60, dustFreeMin: 25 } }],
  ['clear-shellac', F, 'Amberstop Clear'],
  ['clear-bonding-primer', D, 'Holdwell Clear'],
  ['wallpaper-sealer', D, 'Paperfast'],
  ['penetrating-sealer', Q, 'Deepset'],
  ['penetrating-epoxy', F, 'Heartwood Two'],
  ['masonry-primer', D, 'Wallground'],
  ['metal-primer', F, 'Ironkeel'],
  ['etch-primer', F, 'Brightbite'],
  ['microporous-primer', Q, 'Openpore'],
  ['oil-undercoat', F, 'Longkeel Undercoat'],
  ['acrylic-primer-undercoat', Q, 'Evenlay'],
  ['acrylic-wall', Q, 'Stillwater Wall'],
  ['acrylic-wall', D, 'Roomwell', { spreadM2PerL: 13 }],
  ['acrylic-ceiling', D, 'Overhead White'],
  ['moisture-resistant-acrylic', Q, 'Washhouse'],
  ['acrylic-trim', Q, 'Handrail'],
  ['acrylic-trim', D, 'Doorstead', { drying: { recoatMin: 360 } }],
  ['waterborne-alkyd', D, 'Level Best'],
  ['oil-enamel', F, 'Longkeel Gloss'],
  ['exterior-acrylic', Q, 'Lee Shore'],
  ['exterior-oil', F, 'Longkeel Exterior'],
  ['chalk-style', D, 'Lime Loft'],
  ['masonry-paint', D, 'Wallweather'],
  ['waterborne-clear', Q, 'Clear Keeping'],
  ['oil-varnish', F, 'Longkeel Varnish'],
  ['alkaline-cleaner', Q, 'Sugar Wash'],
  ['degreaser', D, 'Rangecut'],
  ['deglosser', F, 'Dullaway'],
  ['mould-wash', D, 'Sporewash'],
  ['denatured-alcohol', F, 'Rag Spirit'],
  ['filler', Q, 'Flushfill'],
  ['acrylic-caulk', Q, 'Linerun'],
  ['elastomeric-caulk', D, 'Givejoint'],
  ['seam-adhesive', D, 'Seamdown'],
  ['masonry-paint-remover', F, 'Brickbare'],
  ['stripper', F, 'Liftcoat'],
  ['mineral-spirits', F, 'Brush Spirit'],
  ['acetone', F, 'Plain Acetone'],
  ['silicone-sealant', D, 'Bathbead'],
  ['paintable-hybrid-sealant', D, 'Paintbead'],
  ['exterior-filler', F, 'Heartwood Fill'],
];

const slug = (text: string) =>
  text
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');

/** Every shipped product, its own figures over its family's. */
export const SHIPPED_SHELF: readonly Product[] = ROWS.map(([family, maker, name, over]) => asProduct({ ...over, family, maker, name, id: slug(`${maker} ${name}`) }));
