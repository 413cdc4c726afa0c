import { type ChapterId, equipmentLines, type ReportDocument, remedyLines } from '#core/report';
import { withinSentence } from '#core/wording';
import { AgeSection } from './AgeSection';
import { Section } from './Section';
import { StoodSection } from './StoodSection';
import { WeakSpotSection } from './WeakSpotSection';

/** What was said of more than a part: of sides and the car, its story, how it drove, its equipment. */
export function ToldSections({ report }: { report: ReportDocument }) {
  const { statements = [], build = [], story = [], drove = [], toFollow = [], equipment } = report;
  const { forItsAge, weakSpots, stood } = report;
  return (
    <>
      <Lines chapter="follow" title="Still to follow" lines={toFollow} />
      {forItsAge && <AgeSection told={forItsAge} />}
      {weakSpots && <WeakSpotSection told={weakSpots} />}
      {stood && <StoodSection told={stood} />}
      <Lines chapter="sides" title="Of sides and the whole car" lines={[...statements, ...build]} />
      <Lines chapter="story" title="Its story" lines={story} />
      <Lines chapter="drove" title="How it drove" lines={drove} />
      <Lines chapter="equipment" title="Equipment" lines={equipment ? equipmentLines(equipment) : []} />
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

interface LinesProps {
  title: string;
  chapter?: ChapterId;
  lines: readonly string[];
}

function Lines({ title, chapter, lines }: LinesProps) {
  if (lines.length === 0) return null;
  return (
    <Section title={title} {...(chapter && { chapter })} folds>
      {lines.map((says) => (
        <p key={says} className="mt-1">
          {says}
        </p>
      ))}
    </Section>
  );
}
