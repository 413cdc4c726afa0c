import { isOdd } from '#core/diary';
import { type ReportDocument, stoodLines } from '#core/report';
import { Section } from './Section';

const worst = { fine: 'bg-clear border-accent', odd: 'bg-tape border-ink', none: 'border-line' } as const;

/** The days it stood: the sentence, and a square for each day. */
export function StoodSection({ told }: { told: NonNullable<ReportDocument['stood']> }) {
  const days = daysOf(told.looks);
  return (
    <Section title="The days it stood" chapter="stood" folds>
      <p className="text-lg">{told.says}</p>
      <ul aria-label="Day by day" className="mt-2 flex flex-wrap gap-1">
        {days.map(({ day, how }) => (
          <li key={day} className={`grid size-8 place-items-center border text-xs ${worst[how]}`}>
            <span aria-hidden>{Number(day.slice(8))}</span>
            <span className="sr-only">
              {day}:{' '}
              {how === 'none' ? 'not looked at' : how === 'fine' ? 'as it should be' : 'something seen'}
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-1 text-sm text-soft">
        A square for each day. Green: looked at, and as it should be. Yellow with a dark edge: something was
        seen. Empty: nobody looked.
      </p>
      {stoodLines(told).map((says) => (
        <p key={says} className="mt-2">
          {says}
        </p>
      ))}
    </Section>
  );
}

type Looks = NonNullable<ReportDocument['stood']>['looks'];

function daysOf(looks: Looks): { day: string; how: keyof typeof worst }[] {
  const days = looks.map(({ day }) => day).toSorted();
  const [first, last] = [days[0], days.at(-1)];
  if (!first || !last) return [];
  const all: { day: string; how: keyof typeof worst }[] = [];
  for (let at = Date.parse(`${first}T00:00:00Z`); at <= Date.parse(`${last}T00:00:00Z`); at += 86_400_000) {
    const day = new Date(at).toISOString().slice(0, 10);
    const here = looks.filter((look) => look.day === day);
    all.push({ day, how: here.length === 0 ? 'none' : here.some(isOdd) ? 'odd' : 'fine' });
  }
  return all;
}
