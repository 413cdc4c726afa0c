import { equipmentLines, type ReportDocument, remedyLines } from '#core/report';
import { withinSentence } from '#core/wording';
import { Section } from './Section';

/** What was said of more than a part: of sides and the car, its story, how it drove, its equipment. */
export function ToldSections({ report }: { report: ReportDocument }) {
  const { statements = [], build = [], story = [], drove = [], equipment } = report;
  return (
    <>
      <Lines title="Of sides and the whole car" lines={[...statements, ...build]} />
      <Lines title="Its story" lines={story} />
      <Lines title="How it drove" lines={drove} />
      <Lines title="Equipment" lines={equipment ? equipmentLines(equipment) : []} />
    </>
  );
}

/** What would mend things that are no findings, where nothing was promised of them. */
export function OtherRemedies({ report }: { report: ReportDocument }) {
  const others = (report.remedies ?? []).filter(({ promised }) => !promised);
  return (
    <Lines
      title="Beside the findings: advice and what was decided"
      lines={others.map((remedy) => `${remedy.what}: ${remedyLines(remedy).map(withinSentence).join('; ')}`)}
    />
  );
}

function Lines({ title, lines }: { title: string; lines: readonly string[] }) {
  if (lines.length === 0) return null;
  return (
    <Section title={title} folds>
      {lines.map((says) => (
        <p key={says} className="mt-1">
          {says}
        </p>
      ))}
    </Section>
  );
}
