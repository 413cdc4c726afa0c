import { useState } from 'react';
import { partNameForAnyone, plateName, vocabularyOf } from '#core/car';
import { faultWords } from '#core/photos';
import type { PictureSpot } from '#core/picture';
import { photoCaption } from '#core/report';
import { type AttachedPhoto, coverage, pictureOf } from '#core/walk';
import { sentence } from '#core/wording';
import { Field, inputLook } from '../../../../components/Field';
import { Notice } from '../../../../components/Notice';
import type { PictureFacts } from '../../../../pictures/judgements';
import type { OpenWalk } from '../../../../sync/useWalk';
import { useSpotFaults } from '../useSpotFaults';

/** What the picture is for, what is wrong with it, and its caption. */
export function AboutPanel({
  walk,
  sha256,
  attached,
  facts,
  spots,
}: {
  walk: OpenWalk;
  sha256: string;
  attached: readonly AttachedPhoto[];
  facts: PictureFacts;
  spots: readonly PictureSpot[];
}) {
  const { state, style, page, record } = walk;
  const [photo] = attached;
  const finding = state.findings.find(({ id }) => id === photo?.finding);
  const part = style.parts.get(photo?.part ?? finding?.part ?? '');
  const own = pictureOf(state, sha256).caption;
  const written = photo
    ? photoCaption(photo, finding, part && partNameForAnyone(part, page.car), vocabularyOf(page.car))
    : '';
  const [text, setText] = useState(own ?? '');
  const spotFaults = useSpotFaults(sha256, spots);
  const mayShowPlate = coverage(state, style).plates.includes(sha256);
  return (
    <>
      {mayShowPlate && (
        <Notice look="warn">
          A {plateName(page.car)} may be read here. Hide it, or say with “Hide” that there is nothing to hide.
        </Notice>
      )}
      {facts.faults.map((fault) => (
        <p key={fault} className="border-l-8 border-tape pl-2">
          <span className="font-bold">{faultWords[fault].name}.</span> {faultWords[fault].advice}
        </p>
      ))}
      {spotFaults.map(({ number, faults: [worst] }) =>
        worst ? (
          <p key={number} className="border-l-8 border-tape pl-2">
            <span className="font-bold">
              {faultWords[worst].name} where finding {number} is.
            </span>{' '}
            {faultWords[worst].advice}
          </p>
        ) : null,
      )}
      {photo ? (
        <>
          <p className="text-lg leading-tight">{own ?? written}</p>
          <Field id="caption" label="Caption of your own" hint="Empty: it writes itself from the record.">
            <textarea
              id="caption"
              rows={2}
              maxLength={200}
              className={`${inputLook} py-2`}
              value={text}
              onChange={(event) => setText(event.target.value)}
              onBlur={() =>
                text.trim() !== (own ?? '') &&
                record({ kind: 'photo-captioned', body: { photo: sha256, caption: text.trim() } })
              }
            />
          </Field>
        </>
      ) : (
        <p>This picture has no place yet. Go back and say what it shows.</p>
      )}
      {facts.takenAt && (
        <p className="text-soft tabular-nums">
          {sentence(`taken ${facts.takenAt.replace('T', ', ')}`)}, by the camera’s clock.
        </p>
      )}
    </>
  );
}
