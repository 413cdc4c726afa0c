import type { z } from 'zod';
import { mmPerPixelAt, warningsOf } from '../../../picture';
import type { Finding } from '../../walkState';
import { familyOf, type Replaying } from '../family';
import { change } from '../findings/change';
import type { pictureBodies } from './bodies';
import { pictureOf } from './state';
import type { PictureState } from './told';

export const pictures = familyOf<typeof pictureBodies>()({
  empty: () => ({ photos: [], pictures: new Map(), brought: [], setAside: new Set(), withdrawn: new Map() }),
  noters: {
    'photo-attached': ({ state }, { id, at, body: { photo, ...where } }) => {
      state.photos.push({ entry: id, sha256: photo, ...where, at });
    },
    'photo-brought': ({ state }, { id, body: { photo, ...rest } }) => {
      if (!state.brought.some(({ sha256 }) => sha256 === photo))
        state.brought.push({ sha256: photo, ...rest, entry: id });
    },
    'photo-set-aside': ({ state }, { body }) => {
      state.setAside.add(body.photo);
    },
    'photo-withdrawn': ({ state }, { at, body }) => {
      state.setAside.add(body.photo);
      state.withdrawn.set(body.photo, at);
    },
    'camera-clock-set': ({ state }, { body }) => {
      state.cameraOffsetMs = Date.parse(body.trulyAt) - Date.parse(`${body.takenAt}Z`);
    },
    'spot-on-photo': (walk, { body: { photo, finding, at } }) =>
      say(walk, photo, (picture) => {
        const spots = new Map(picture.spots);
        if (at) spots.set(finding, at);
        else spots.delete(finding);
        return { ...picture, spots };
      }),
    'photo-marked': (walk, { body: { photo, marks } }) =>
      say(walk, photo, (picture) => ({ ...picture, marks })),
    'photo-hidden': (walk, { at, body: { photo, boxes } }) =>
      say(walk, photo, (picture) => ({ ...picture, boxes, hiddenAt: at })),
    'photo-captioned': (walk, { body: { photo, caption } }) =>
      say(walk, photo, ({ caption: _, ...rest }) => (caption ? { ...rest, caption } : rest)),
    'cover-chosen': ({ state }, { body }) => {
      state.cover = body.photo;
    },
    'picture-measured': (walk, { body }) =>
      change(walk, body.finding, (finding) => withMeasured(finding, body)),
  },
  words: {
    'photo-attached': (body, { titleOf, about, nameOf }) => {
      if (body.function) return `${titleOf(body.function)}: photo`;
      if (body.finding) return `${about(body.finding)}: photo`;
      return body.part ? `${nameOf(body.part)}: photo` : 'Photo of the whole car';
    },
    'photo-brought': ({ name }) => `Photo brought: ${name ?? 'without a name'}`,
    'photo-set-aside': () => 'Photo set aside',
    'photo-withdrawn': () => 'Photo withdrawn from every reader',
    'camera-clock-set': () => 'Clock of the camera set',
    'spot-on-photo': ({ finding, at }, { about }) =>
      `${about(finding)}: ${at ? 'marked on a photo' : 'mark taken off a photo'}`,
    'photo-marked': () => 'Photo marked',
    'photo-hidden': ({ boxes }) =>
      boxes.length > 0 ? 'Something hidden on a photo' : 'Nothing to hide on a photo',
    'photo-captioned': ({ caption }) => (caption ? `Caption: ${caption}` : 'Caption writes itself again'),
    'cover-chosen': () => 'Cover chosen',
    'picture-measured': ({ finding }, { about }) => `${about(finding)}: measured on a photo`,
  },
});

function say({ state }: Replaying, photo: string, to: (picture: PictureState) => PictureState): void {
  state.pictures.set(photo, to(pictureOf(state, photo)));
}

/** The size taken from a picture becomes the finding's size. */
function withMeasured(finding: Finding, body: z.output<(typeof pictureBodies)['picture-measured']>): Finding {
  const { photo, measurement, value, plusMinus } = body;
  const of = measurement.mark.of;
  const size = of === 'area' ? { areaMm2: Math.round(value) } : { lengthMm: Math.round(value * 10) / 10 };
  const mmPerPixel = mmPerPixelAt(measurement);
  return {
    ...finding,
    details: { ...finding.details, ...size },
    measured: {
      photo,
      of,
      by: measurement.scale.by,
      value,
      // By a line nobody can say how true it is, whatever an earlier Zelk wrote.
      ...(measurement.scale.by === 'card' && plusMinus !== undefined && { plusMinus }),
      warnings: warningsOf(measurement.scale, measurement.mark),
      ...(mmPerPixel && { mmPerPixel }),
    },
  };
}
