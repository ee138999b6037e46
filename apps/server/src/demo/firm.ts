/** The demo firm: invented people of an invented town. */
export const DEMO_FIRM = {
  name: 'Saltmarsh & Thirle, Decorators',
  timeZone: 'Europe/London',
  hemisphere: 'northern',
  currency: 'GBP',
  planning: { setUpMin: 10, packUpMin: 15, travelMin: 15 },
  letterhead: {
    address: 'The Old Sail Store, Kiln Quay\nPellworth Staithe',
    phone: '00 000 0148',
    email: 'office@saltmarsh-thirle.example',
    payment: 'A quarter on agreement, the rest within fourteen days of hand-over.',
    quoteTerms: 'The price is for the work that is written down. What is found while working is shown and priced before it is done.',
  },
  suppliers: [
    {
      name: 'Staithe Trade Counter',
      makers: ['Quillbeck', 'Dunmarrow', 'Oxmere'],
      sundries: false,
      days: [1, 2, 3, 4, 5],
      orderBy: '16:00',
    },
    { name: 'Fettlewick & Son, at the works', makers: ['Fettlewick & Son'], sundries: false, days: [2, 4], orderBy: '12:00' },
    { name: 'Saltglass Works, Kiln Quay', makers: ['Saltglass Works'], sundries: false, days: [1, 2, 3, 4, 5], orderBy: null },
    { name: 'Anchor Yard Sundries', makers: [], sundries: true, days: [1, 2, 3, 4, 5, 6], orderBy: null },
  ],
  shelfFrom: 'demo',
} as const;

/** The demo's one password, printed when the application starts. It guards made-up data on this machine alone. */
export const DEMO_PASSWORD = process.env['DEMO_PASSWORD'] ?? 'high-water-mark';

const WEEK = { days: [1, 2, 3, 4, 5], from: '08:00', to: '16:30' };

export const DEMO_PEOPLE = [
  { name: 'Ada Thirle', initials: 'AT', email: 'ada@saltmarsh-thirle.example', role: 'owner', hours: WEEK, skills: [] },
  { name: 'Tobiah Lunt', initials: 'TL', email: 'tobiah@saltmarsh-thirle.example', role: 'painter', hours: WEEK, skills: ['spray'] },
  { name: 'Mei Okonjo-Hart', initials: 'MO', email: 'mei@saltmarsh-thirle.example', role: 'painter', hours: WEEK, skills: ['spray'] },
  {
    name: 'Pascoe Venn',
    initials: 'PV',
    email: 'pascoe@saltmarsh-thirle.example',
    role: 'painter',
    hours: { days: [1, 2, 3, 4], from: '07:30', to: '16:00' },
    skills: [],
  },
  {
    name: 'Rosalind Saltmarsh',
    initials: 'RS',
    email: 'rosalind@saltmarsh-thirle.example',
    role: 'estimator',
    hours: null,
    skills: [],
  },
] as const;
