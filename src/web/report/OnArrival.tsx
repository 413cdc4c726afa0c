import { ClipboardCheck } from 'lucide-react';
import { onArrivalSays, type ReportDocument } from '#core/report';
import { buttonLook } from '../components/Button';
import { Section } from './Section';

interface OnArrivalProps {
  report: ReportDocument;
  /** Where the car is held against it. */
  check: string | undefined;
}

/** What to do when one stands before the car, how long one has, and what happens when something differs: the yard's own words. */
export function OnArrival({ report, check }: OnArrivalProps) {
  return (
    <Section title="When you collect or receive it" chapter="arrival">
      <p className="whitespace-pre-line">{onArrivalSays(report)}</p>
      {report.yard.policy && (
        <p className="mt-2 whitespace-pre-line">
          <span className="font-bold">What this yard does with every car: </span>
          {report.yard.policy}
        </p>
      )}
      {check && (
        <p className="mt-3 print:hidden">
          <a className={buttonLook()} href={check}>
            <ClipboardCheck aria-hidden size={20} /> Check the car against the report
          </a>
        </p>
      )}
    </Section>
  );
}
