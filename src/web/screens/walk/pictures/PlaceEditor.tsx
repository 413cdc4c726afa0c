import { Check, Maximize2, Star, Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { partNameForAnyone, vocabularyOf } from '#core/car';
import { faultWords } from '#core/photos';
import { findingLine, isStanding, type PhotoRole, pictureOf } from '#core/walk';
import { sentence } from '#core/wording';
import { Button, buttonLook } from '../../../components/Button';
import { SelectField } from '../../../components/fields';
import type { PictureFacts } from '../../../pictures/judgements';
import type { OpenWalk } from '../../../sync/useWalk';
import { CameraClock } from './CameraClock';
import { type FilmFrame, reasonWords } from './pictureList';
import { placeFacts, setAsideFacts } from './placing';

const roles: { value: PhotoRole; label: string }[] = [
  { value: 'whole-car', label: 'the whole car' },
  { value: 'where', label: 'where it is' },
  { value: 'what', label: 'the thing, close' },
];

/** Says what the chosen picture shows: part, finding and purpose, each by keyboard too. */
export function PlaceEditor({
  walk,
  frame,
  facts,
}: {
  walk: OpenWalk;
  frame: FilmFrame;
  facts: PictureFacts;
}) {
  const { state, style, page, record } = walk;
  const { placed, proposal, brought, sha256 } = frame;
  const now = {
    part: placed ? placed.part : proposal?.part,
    finding: placed ? placed.finding : proposal?.finding,
    role: placed?.role ?? proposal?.role ?? 'where',
  };
  const put = (change: Partial<typeof now>) => record(...placeFacts(state, frame, { ...now, ...change }));
  const findings = state.findings.filter(
    (finding) => isStanding(finding) && (now.part === undefined || finding.part === now.part),
  );
  const parts = [...style.parts.values()].map((part) => ({
    id: part.id,
    name: sentence(partNameForAnyone(part, page.car)),
  }));
  const isCover = state.cover === sha256;
  return (
    <div className="space-y-3 p-3">
      {facts.faults.map((fault) => (
        <p key={fault} className="border-l-8 border-tape pl-2">
          <span className="font-bold">{faultWords[fault].name}.</span> {faultWords[fault].advice}
        </p>
      ))}
      {proposal && <p className="text-soft">{reasonWords(proposal)}.</p>}
      {brought && !proposal && (
        <p className="text-soft">
          {brought.takenAt
            ? `By the camera’s clock it was not taken during this walk (${brought.takenAt.replace('T', ', ').slice(0, -3)}). Set the clock below, or say what it shows.`
            : 'The file holds no time: say what it shows, or drag it onto the car.'}
        </p>
      )}
      <div className="grid gap-2 sm:grid-cols-3 lg:grid-cols-1">
        <SelectField
          id="it-shows"
          label="It shows"
          value={now.role}
          onChange={(event) => put({ role: event.target.value as PhotoRole })}
        >
          {roles.map(({ value, label }) => (
            <option key={value} value={value}>
              {label}
            </option>
          ))}
        </SelectField>
        <SelectField
          id="part"
          label="Part"
          value={now.role === 'whole-car' ? '' : (now.part ?? '')}
          disabled={now.role === 'whole-car'}
          onChange={(event) => put({ part: event.target.value || undefined, finding: undefined })}
        >
          <option value="">Not said</option>
          {parts.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </SelectField>
        <SelectField
          id="finding"
          label="Finding"
          value={now.finding ?? ''}
          disabled={now.role === 'whole-car' || findings.length === 0}
          onChange={(event) => {
            const finding = findings.find(({ id }) => id === event.target.value);
            put({ finding: finding?.id, ...(finding && { part: finding.part }) });
          }}
        >
          <option value="">None</option>
          {findings.map((finding) => (
            <option key={finding.id} value={finding.id}>
              {finding.number} {findingLine(finding, vocabularyOf(page.car))}
            </option>
          ))}
        </SelectField>
      </div>
      <div className="grid grid-cols-2 gap-2">
        {brought && (
          <Button look="main" disabled={!now.part && now.role !== 'whole-car'} onClick={() => put({})}>
            <Check aria-hidden size={20} /> It is so
          </Button>
        )}
        <Link to={`/walks/${page.walk}/pictures/${sha256}`} className={buttonLook()}>
          <Maximize2 aria-hidden size={18} /> Mark, hide, measure
        </Link>
        {placed && (
          <Button
            aria-pressed={isCover}
            onClick={() => record({ kind: 'cover-chosen', body: { photo: sha256 } })}
            disabled={isCover}
          >
            <Star aria-hidden size={18} /> {isCover ? 'Is the cover' : 'Make it the cover'}
          </Button>
        )}
        <Button look="warn" onClick={() => record(...setAsideFacts(sha256))}>
          <Trash2 aria-hidden size={18} /> Set aside
        </Button>
      </div>
      {placed && pictureOf(state, sha256).caption && (
        <p className="text-soft">Caption: {pictureOf(state, sha256).caption}</p>
      )}
      {brought?.takenAt && <CameraClock key={sha256} walk={walk} brought={brought} />}
    </div>
  );
}
