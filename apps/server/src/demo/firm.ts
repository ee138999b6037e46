/** The demo firm: invented people of an invented town. */
export const DEMO_FIRM = {
  name: 'Saltmarsh & Thirle, Decorators',
  timeZone: 'Europe/London',
  hemisphere: 'northern',
  currency: 'GBP',
  planning: { setUpMin: 10, packUpMin: 15, travelMin: 15 },
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
