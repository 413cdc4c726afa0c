import { Undo2 } from 'lucide-react';
import type { Dispatch, SetStateAction } from 'react';
import { useState } from 'react';
import { partNameForAnyone, vocabularyOf } from '#core/car';
import { COINS_MM, type Measured } from '#core/picture';
import { type AttachedPhoto, type Fact, findingLine, isStanding, pictureOf } from '#core/walk';
import { sentence } from '#core/wording';
import { Button } from '../../../components/Button';
import { Choice } from '../../../components/Choice';
import { SelectField } from '../../../components/fields';
import { Notice } from '../../../components/Notice';
import type { OpenWalk } from '../../../sync/useWalk';
import { SizeEntry } from '../round/decks/SizeEntry';
import {
  isScaleDone,
  type Measuring,
  markOf,
  newMeasuring,
  nextStep,
  problemWords,
  scaleOf,
  sizeWords,
  warningWords,
  withoutLast,
} from './measuring';
import { placeOf, type Size } from './tools';
import type { Snapping } from './useMeasurePoints';

interface MeasurePanelProps {
  walk: OpenWalk;
  sha256: string;
  attached: readonly AttachedPhoto[];
  measuring: Measuring;
  setMeasuring: Dispatch<SetStateAction<Measuring>>;
  result: Measured | undefined;
  zoom: number;
  size: Size;
  snap: Snapping;
}

/** Step by step: what gives the scale, what is measured, how large it is and how sure that is. */
export function MeasurePanel(props: MeasurePanelProps) {
  const { walk, sha256, attached, measuring, setMeasuring, result, zoom, size, snap } = props;
  const { state, page } = walk;
  const vocabulary = vocabularyOf(page.car);
  const findings = state.findings.filter((finding) => isStanding(finding));
  const [chosen, setChosen] = useState<string | undefined>(
    () => attached.find((photo) => photo.finding)?.finding,
  );
  const [taken, setTaken] = useState(false);
  const change = (changes: Partial<Measuring>) => {
    setTaken(false);
    setMeasuring((now) => ({ ...now, ...changes }));
  };
  const take = () => {
    const [scale, mark] = [scaleOf(measuring), markOf(measuring)];
    if (!chosen || !scale || !mark || !result?.ok) return;
    const facts: Fact[] = [
      {
        kind: 'picture-measured',
        body: {
          photo: sha256,
          finding: chosen,
          measurement: {
            scale,
            mark,
            zoom,
            picture: { width: Math.round(size.width), height: Math.round(size.height) },
          },
          value: result.value,
          ...(result.plusMinus !== undefined && { plusMinus: result.plusMinus }),
        },
      },
    ];
    if (mark.of === 'length')
      facts.push({
        kind: 'photo-marked',
        body: {
          photo: sha256,
          marks: [
            ...pictureOf(state, sha256).marks,
            {
              kind: 'line',
              from: placeOf(mark.from, size),
              to: placeOf(mark.to, size),
              label: sizeWords('length', result),
            },
          ],
        },
      });
    walk.record(...facts);
    setTaken(true);
  };
  return (
    <>
      <p role="status" className="border-l-8 border-tape pl-2 text-lg">
        {nextStep(measuring)}
      </p>
      {measuring.by === 'card' && isScaleDone(measuring) && (
        <p className="text-soft">
          {snap === 'busy' && 'Looking for the card’s edges…'}
          {snap === 'done' && 'The corners were moved onto the card’s edges. '}
          {snap === 'failed' && 'The edges could not be looked for; the corners are where you tapped. '}
          The card must lie flat on the panel, beside the fault.{' '}
          <button
            type="button"
            className="min-h-8 font-bold text-accent underline"
            onClick={() => change({ isTurned: !measuring.isTurned })}
          >
            Its long side is the other one
          </button>
        </p>
      )}
      {result && !result.ok && <Notice look="warn">{problemWords[result.problem]}</Notice>}
      {result?.ok && (
        <>
          <p className="text-3xl font-bold tabular-nums" data-testid="measured">
            {sizeWords(measuring.of, result)}
          </p>
          {result.plusMinus !== undefined && (
            <p className="text-soft">
              True within that 95 times in 100, by how well a finger places points and what an ordinary lens
              bends.
            </p>
          )}
          {result.warnings.map((warning) => (
            <Notice key={warning} look="warn">
              {warningWords[warning]}
            </Notice>
          ))}
          <SelectField
            id="it-is-the-size-of"
            label="It is the size of"
            value={chosen ?? ''}
            onChange={(event) => {
              setTaken(false);
              setChosen(event.target.value || undefined);
            }}
          >
            <option value="">Choose the finding</option>
            {findings.map((finding) => {
              const part = walk.style.parts.get(finding.part);
              return (
                <option key={finding.id} value={finding.id}>
                  {finding.number} {findingLine(finding, vocabulary)}
                  {part ? `: ${sentence(partNameForAnyone(part, page.car))}` : ''}
                </option>
              );
            })}
          </SelectField>
          <Button look="main" className="w-full" disabled={!chosen || taken} onClick={take}>
            {taken ? 'Taken as its size' : 'Take as its size'}
          </Button>
        </>
      )}
      <Choice
        legend="The scale is"
        value={measuring.by}
        options={[
          { value: 'card', label: 'a bank card' },
          { value: 'line', label: 'a known length' },
        ]}
        onChange={(by) => change({ ...newMeasuring, by, of: measuring.of })}
      />
      {measuring.by === 'line' && (
        <div className="grid grid-cols-2 gap-2">
          <SelectField
            id="a-coin"
            label="A coin"
            value={measuring.lengthMm ?? ''}
            onChange={(event) =>
              change({ lengthMm: event.target.value ? Number(event.target.value) : undefined })
            }
          >
            <option value="">None</option>
            {Object.entries(COINS_MM).map(([name, mm]) => (
              <option key={name} value={mm}>
                {name}, {mm} mm
              </option>
            ))}
          </SelectField>
          <SizeEntry
            key={measuring.lengthMm}
            id="known-length"
            label="or so long"
            mm={measuring.lengthMm}
            vocabulary={vocabulary}
            onMm={(lengthMm) => change({ lengthMm })}
          />
        </div>
      )}
      <Choice
        legend="Measured is"
        value={measuring.of}
        options={[
          { value: 'length', label: 'a length' },
          { value: 'circle', label: 'a round thing' },
          { value: 'area', label: 'an area' },
        ]}
        onChange={(of) => change({ of, markPoints: [] })}
      />
      <div className="grid grid-cols-2 gap-2">
        <Button onClick={() => setMeasuring(withoutLast)} disabled={measuring.scalePoints.length === 0}>
          <Undo2 aria-hidden size={18} /> Last point
        </Button>
        <Button
          onClick={() =>
            change({ ...newMeasuring, by: measuring.by, of: measuring.of, lengthMm: measuring.lengthMm })
          }
        >
          Start over
        </Button>
      </div>
    </>
  );
}
