import { NavLink } from 'react-router';

const PLACES = [
  { to: '/aftercare', words: 'Due' },
  { to: '/aftercare/calendar', words: 'Calendar' },
  { to: '/aftercare/rounds', words: 'Rounds' },
  { to: '/aftercare/held', words: 'What held' },
];

/** The pages of Aftercare, above each of them. */
export const Places = () => (
  <nav aria-label="Aftercare" className="no-print flex flex-wrap gap-x-5">
    {PLACES.map(({ to, words }) => (
      <NavLink
        key={to}
        to={to}
        end
        className={({ isActive }) =>
          `inline-flex min-h-[44px] items-center text-[15px] wide:min-h-[28px] ${isActive ? 'font-semibold text-ink underline decoration-2 underline-offset-4' : 'text-faded hover:underline'}`
        }
      >
        {words}
      </NavLink>
    ))}
  </nav>
);
