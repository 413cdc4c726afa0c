import type { Sheet, SheetCar, SheetTask } from '#core/api';
import { longDay } from '#core/wording';
import { Strip } from '../map/Strip';
import type { SheetActions } from './sheetActions';
import { Said, WorkSay } from './WorkSay';

interface SheetDaysProps {
  sheet: Sheet;
  actions: SheetActions;
  onSaid: () => void;
}

/** Jobs by day, car by car: how each is known, where it is on the car, what was found, what was agreed, what to be careful of. */
export function SheetDays({ sheet, actions, onSaid }: SheetDaysProps) {
  const isSeveral = sheet.days.length > 1;
  const shown = new Set(
    sheet.days.flatMap(({ cars }) => cars.flatMap(({ tasks }) => tasks.map(({ id }) => id))),
  );
  const said = sheet.said.filter(({ task }) => !shown.has(task));
  return (
    <>
      {sheet.days.map(({ day, cars }) => (
        <section key={day} aria-label={longDay(day)}>
          {/* Of one day the title of the screen says it. */}
          <h2
            className={isSeveral ? 'sticky top-0 z-10 mt-6 bg-sheet py-2 text-2xl print:static' : 'sr-only'}
          >
            {longDay(day)}
          </h2>
          {cars.map((car) => (
            <CarOnSheet key={car.walk} car={car} actions={actions} onSaid={onSaid} />
          ))}
        </section>
      ))}
      {said.length > 0 && (
        <section aria-labelledby="said" className="mt-8 print:hidden">
          <h2 id="said" className="text-xl">
            What was said
          </h2>
          <ul className="border-t border-ink">
            {said.map((each) => (
              <li key={each.task} className="border-b border-line py-3">
                <p className="font-bold">
                  {each.stockNumber}: {each.says}
                </p>
                <WorkSay
                  task={{ id: each.task, says: each.says, work: each.work }}
                  actions={actions}
                  onSaid={onSaid}
                />
              </li>
            ))}
          </ul>
        </section>
      )}
      {sheet.days.length > 0 && (
        <p className="mt-6 text-sm text-soft">
          Local law and the rules of the house come first; what is said here is the usual caution.
        </p>
      )}
    </>
  );
}

function CarOnSheet({ car, actions, onSaid }: { car: SheetCar } & Omit<SheetDaysProps, 'sheet'>) {
  const { stockNumber, title, colour, plate, standsAt, map, tasks } = car;
  return (
    <section aria-label={stockNumber} className="mt-4 break-inside-avoid-page">
      <h3 className="border-b-2 border-ink py-1 text-xl">
        {stockNumber} <span className="text-soft">{title}</span>
      </h3>
      <p className="py-1">
        {[colour, plate].filter(Boolean).join(' · ')}
        {standsAt && (
          <>
            {' · '}
            <span className="font-bold">{standsAt}</span>
          </>
        )}
      </p>
      {map && (
        <img
          src={`data:image/svg+xml;charset=utf-8,${encodeURIComponent(map)}`}
          alt={`Where the faults of these jobs are on ${stockNumber}`}
          className="my-2 w-full max-w-xl bg-white"
        />
      )}
      <ul>
        {tasks.map((task) => (
          <li key={task.id} className="break-inside-avoid border-b border-line py-3">
            <TaskOnSheet task={task} actions={actions} onSaid={onSaid} />
          </li>
        ))}
      </ul>
    </section>
  );
}

function TaskOnSheet({ task, actions, onSaid }: { task: SheetTask } & Omit<SheetDaysProps, 'sheet'>) {
  const { says, minutes, faults, cautions, work } = task;
  return (
    <>
      <p className="flex justify-between gap-3 text-lg font-bold">
        <span>{says}</span>
        {minutes > 0 && <span className="shrink-0 tabular-nums">{minutes} min</span>}
      </p>
      {faults.map(({ id, number, notice, isSuspected, where, says: found, agreed, photos }) => (
        <div key={id} className="mt-2">
          <div className="flex items-start gap-3">
            {number !== undefined && (
              <Strip
                number={number}
                standing={isSuspected ? 'suspected' : 'confirmed'}
                {...(notice && { notice })}
              />
            )}
            <p className="min-w-0 flex-1">
              {where && <span className="font-bold">{where}: </span>}
              {found}
              {isSuspected && ' (only suspected)'}
              {agreed && <span className="block text-sm">Agreed with the buyer: {agreed}.</span>}
            </p>
          </div>
          {photos.length > 0 && (
            <div className="mt-2 flex gap-2 overflow-x-auto">
              {photos.map((sha256, i) => (
                <a
                  key={sha256}
                  href={actions.photoUrl(sha256, 1600)}
                  target="_blank"
                  rel="noreferrer"
                  className="shrink-0"
                >
                  <img
                    src={actions.photoUrl(sha256, 320)}
                    alt={`${found}, ${i + 1} of ${photos.length}`}
                    className="h-28 w-36 bg-fill object-cover"
                  />
                </a>
              ))}
            </div>
          )}
        </div>
      ))}
      {cautions.map((caution) => (
        <p key={caution} className="mt-2 border-l-4 border-warn pl-2 text-sm">
          {caution}
        </p>
      ))}
      <WorkSay task={task} actions={actions} onSaid={onSaid} />
      {work && (
        <div className="hidden print:block">
          <Said work={work} actions={actions} />
        </div>
      )}
    </>
  );
}
