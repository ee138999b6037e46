import { useState, type ComponentType } from 'react';
import { Link } from 'react-router';
import { Chip } from '../page/Act.tsx';
import { Page } from '../page/Page.tsx';
import { Dew, Drying } from './AirCards.tsx';
import { Coverage, Films, Mix, Tins } from './Coats.tsx';
import { SpacingCard } from './SpacingCard.tsx';

const CARDS: { words: string; card: ComponentType; note: string }[] = [
  {
    words: 'Coverage',
    card: Coverage,
    note: 'The sheet’s spread holds on smooth, sealed ground. Rough and thirsty faces take up to half as much again.',
  },
  {
    words: 'Tins',
    card: Tins,
    note: 'The cheapest containers that hold what is needed: every set there is has been weighed.',
  },
  {
    words: 'Two-part mix',
    card: Mix,
    note: 'By volume. Mix only what is laid within the pot life; a full pot heats up. Gloves and eye protection: it sensitises.',
  },
  {
    words: 'Wet to dry film',
    card: Films,
    note: 'Only solids stay. A film outside its label, starved or heavy, costs a day.',
  },
  {
    words: 'Dew point',
    card: Dew,
    note: 'Water settles on a surface at the dew point. It stays three degrees above it through the first hours.',
  },
  {
    words: 'Drying in this air',
    card: Drying,
    note: 'Good air never shortens the label’s time. Waterborne gathers nothing below its least temperature; oil halves its pace for each ten degrees.',
  },
  {
    words: 'Even spacing',
    card: SpacingCard,
    note: 'Every mark is rounded from its exact place, never added up from rounded gaps: no error grows along the wall.',
  },
];

/** Pocket calculators: each says the line that led to its answer, and draws it. */
export default function Reckoner() {
  const [at, setAt] = useState(0);
  const { card: Card, note } = CARDS[at]!;
  return (
    <Page
      title="Pocket reckoner"
      notes={[{ n: 1, text: note }]}
      above={
        <Link className="hover:underline" to="/shelf">
          Shelf
        </Link>
      }
    >
      <div className="mb-5 flex flex-wrap gap-2" role="group" aria-label="What to reckon">
        {CARDS.map(({ words }, i) => (
          <Chip key={words} pressed={i === at} onPress={() => setAt(i)}>
            {words}
          </Chip>
        ))}
      </div>
      <Card />
      <p className="mt-5 text-sm text-faded wide:hidden">{note}</p>
    </Page>
  );
}
