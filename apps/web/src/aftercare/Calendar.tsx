import { useMemo } from 'react';
import { Coming, Page, Total } from '../page/Page.tsx';
import { Places } from './Places.tsx';
import { YearCalendar } from './YearCalendar.tsx';
import { YearList } from './YearList.tsx';
import { yearOf } from './year.ts';
import { type AftercarePage, useAftercareQuery } from '../store/endpoints.ts';

/** The year ahead on every job: when what is due can be done, and what is fixed. */
export default function Calendar() {
  const { data, error, refetch } = useAftercareQuery();
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  return <Shown data={data} />;
}

function Shown({ data }: { data: AftercarePage }) {
  const year = useMemo(() => yearOf(data), [data]);
  return (
    <Page
      title="Calendar"
      above={<Places />}
      wide
      footing={
        <>
          <Total words="jobs" figure={year.lines.length} />
          <Total words="to be done this year" figure={year.lines.reduce((n, l) => n + l.spans.length, 0)} />
          <Total end words="fixed" figure={data.visits.length} />
        </>
      }
    >
      {year.lines.length === 0 ? (
        <p className="max-w-[60ch] py-4">
          Nothing falls due in the year ahead. When last coats are logged, what follows from them stands here.
        </p>
      ) : (
        <>
          <div className="hidden wide:block print:block">
            <YearCalendar year={year} />
          </div>
          <div className="wide:hidden print:hidden">
            <YearList year={year} />
          </div>
        </>
      )}
    </Page>
  );
}
