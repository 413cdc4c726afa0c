import { type PartId, partNameForAnyone, sentence, vocabularyOf } from '#core/car';
import { isKitItemId, kitItemName, smellWords } from '#core/kit';
import { speakDistance, speakTread } from '#core/measure';
import { functionTitle } from '#core/readings';
import {
  conditionLine,
  type Entry,
  type EntryOf,
  findingKindName,
  functionStateWords,
  noticeWords,
  numberPlaceWords,
  ordered,
} from '#core/walk';
import type { OpenWalk } from '../../sync/useWalk';

export interface LogLine {
  id: string;
  at: string;
  who: string;
  says: string;
  undone: boolean;
  /** What to undo to change this line's mind: the entry, or the undo that took it away. */
  undo: string;
}

/** The log in words, latest first; moves between stops and undos themselves are not lines of their own. */
export function logLines({ entries, state, style, page }: OpenWalk): LogLine[] {
  const inForce = new Set(state.undoable);
  const undos = new Set(state.redoable);
  const all = ordered(entries);
  const undoOf = new Map<string, string>();
  for (const entry of all)
    if (entry.kind === 'undone' && undos.has(entry.id)) undoOf.set(entry.body.entry, entry.id);
  const names = new Map<string, { kind: string; part: PartId }>();
  const vocabulary = vocabularyOf(page.car);
  for (const entry of all) {
    if (entry.kind !== 'finding-noted') continue;
    names.set(entry.body.finding, {
      kind: findingKindName(entry.body.kind, vocabulary),
      part: entry.body.part,
    });
  }
  const nameOf = (id: PartId) => {
    const part = style.parts.get(id);
    return part ? sentence(partNameForAnyone(part, page.car)) : id;
  };
  const titleOf = (id: string) => functionTitle(state.functions, id, vocabulary);
  return all
    .filter((entry) => !silent.has(entry.kind))
    .map((entry) => ({
      id: entry.id,
      at: entry.at,
      who: entry.who,
      says: sentenceOf(entry, nameOf, names, titleOf),
      undone: !inForce.has(entry.id),
      undo: inForce.has(entry.id) ? entry.id : (undoOf.get(entry.id) ?? entry.id),
    }))
    .reverse();
}

/** Moves, settings and undos are not lines of their own. */
const silent: ReadonlySet<Entry['kind']> = new Set([
  'walk-begun',
  'stop-reached',
  'route-chosen',
  'lap-begun',
  'caution-read',
  'undone',
]);

function sentenceOf(
  entry: Entry,
  nameOf: (part: PartId) => string,
  findings: ReadonlyMap<string, { kind: string; part: PartId }>,
  titleOf: (id: string) => string,
): string {
  const about = (id: string) => {
    const finding = findings.get(id);
    return finding ? `${nameOf(finding.part)}, ${finding.kind.toLowerCase()}` : 'A finding';
  };
  switch (entry.kind) {
    case 'part-cleared':
      return `${nameOf(entry.body.part)}: clear`;
    case 'part-not-seen':
      return `${nameOf(entry.body.part)}: not seen, ${entry.body.why}`;
    case 'finding-noted':
      return `${about(entry.body.finding)}: ${entry.body.suspected ? 'suspected' : 'logged'}`;
    case 'finding-amended':
      return `${about(entry.body.finding)}: ${Object.entries(entry.body.changes).map(changeWords).join(', ')}`;
    case 'finding-dismissed':
      return `${about(entry.body.finding)}: it was ${entry.body.why}`;
    case 'put-right':
      return `${about(entry.body.finding)}: put right, ${entry.body.says}`;
    case 'photo-attached':
      if (entry.body.function) return `${titleOf(entry.body.function)}: photo`;
      return entry.body.finding
        ? `${about(entry.body.finding)}: photo`
        : entry.body.part
          ? `${nameOf(entry.body.part)}: photo`
          : 'Photo of the whole car';
    case 'photo-brought':
      return `Photo brought: ${entry.body.name ?? 'without a name'}`;
    case 'photo-set-aside':
      return 'Photo set aside';
    case 'camera-clock-set':
      return 'Clock of the camera set';
    case 'spot-on-photo':
      return `${about(entry.body.finding)}: ${entry.body.at ? 'marked on a photo' : 'mark taken off a photo'}`;
    case 'photo-marked':
      return 'Photo marked';
    case 'photo-hidden':
      return entry.body.boxes.length > 0 ? 'Something hidden on a photo' : 'Nothing to hide on a photo';
    case 'photo-captioned':
      return entry.body.caption ? `Caption: ${entry.body.caption}` : 'Caption writes itself again';
    case 'cover-chosen':
      return 'Cover chosen';
    case 'picture-measured':
      return `${about(entry.body.finding)}: measured on a photo`;
    case 'tread-read': {
      const { part, third, depth, unit } = entry.body;
      return `${nameOf(part)}${third ? `, ${third} third` : ''}: ${speakTread(depth, unit)}`;
    }
    case 'tyre-described':
      return `${nameOf(entry.body.part)}: ${tyreWords(entry.body)}`;
    case 'tyre-law-chosen':
      return 'Limit and new tread of the tyres set';
    case 'wheel-described':
      return `${nameOf(entry.body.part)}: rim and brake as seen`;
    case 'paint-read':
      return `${nameOf(entry.body.part)}: paint ${entry.body.um.map((um) => Math.round(um)).join(', ')} µm`;
    case 'functions-tried': {
      const { functions, state, says } = entry.body;
      const what = functions.length === 1 ? titleOf(functions[0] as string) : `${functions.length} functions`;
      return `${what}: ${functionStateWords[state]}${says ? `, ${says}` : ''}`;
    }
    case 'service-noted':
      return `Service noted: ${[entry.body.entry.day, entry.body.entry.distance].filter(Boolean).join(', ')}`;
    case 'service-removed':
      return 'Service entry taken off';
    case 'papers-noted':
      return `Papers: ${Object.entries(entry.body).map(changeWords).join(', ')}`;
    case 'number-read':
      return `${numberPlaceWords[entry.body.where]}: ${entry.body.text || 'taken back'}`;
    case 'lamps-noted':
      return entry.body.on.length === 0
        ? 'All warning lamps out'
        : `Lamps on: ${entry.body.on.map((lamp) => lamp.replaceAll('-', ' ')).join(', ')}`;
    case 'drive-noted':
      return `Road test: ${entry.body.driver}${entry.body.distance ? `, ${entry.body.distance} ${entry.body.unit ?? ''}` : ''}`;
    case 'recording-attached':
      return `${titleOf(entry.body.function)}: ${entry.body.of}, ${Math.round(entry.body.seconds)} s`;
    case 'recording-set-aside':
      return 'Recording set aside';
    case 'figure-noted':
      return `Odometer on ${entry.body.day}: ${entry.body.value}, ${entry.body.source}`;
    case 'figure-removed':
      return 'Odometer figure taken off';
    case 'smell-noted':
      return `Smell: ${smellWords(entry.body.noticed, 'uk')}`;
    case 'item-counted':
      return `${kitTitle(entry.body)}: ${entry.body.count}${entry.body.condition ? `, ${entry.body.condition}` : ''}`;
    case 'alteration-noted':
      return `Altered: ${entry.body.says}`;
    case 'question-answered':
      return `Answered: ${entry.body.says}`;
    case 'alteration-removed':
      return 'Alteration taken off';
    case 'function-added':
      return `Fitted: ${titleOf(entry.body.function)}`;
    case 'timer-begun':
      return `Test begun: ${titleOf(entry.body.function)}`;
    case 'screen-planned':
      return 'Size and zones of the screen set';
    case 'odometer-read':
      return `Odometer: ${speakDistance(entry.body.value, entry.body.unit)}`;
    case 'notice-answered':
      return `${about(entry.body.finding)}: noticed ${noticeWords[entry.body.notice].name.toLowerCase()}`;
    case 'conditions-noted':
      return `Conditions: ${conditionLine(entry.body)}`;
    case 'route-chosen':
    case 'lap-begun':
    case 'caution-read':
    case 'walk-begun':
    case 'stop-reached':
    case 'undone':
      return '';
    default:
      return entry satisfies never;
  }
}

const kitTitle = ({ item, name }: EntryOf<'item-counted'>['body']): string =>
  name ?? (isKitItemId(item) ? kitItemName(item, 'uk') : 'A thing');

function tyreWords(said: EntryOf<'tyre-described'>['body']): string {
  const words = [said.brand, said.size, said.made && `week ${said.made.week} of ${said.made.year}`].filter(
    Boolean,
  );
  return words.length > 0 ? words.join(', ') : (said.flags?.join(', ') ?? '') || 'described';
}

const changeNames: Record<string, string> = {
  lengthMm: 'length',
  widthMm: 'width',
  notice: 'noticed from',
  action: 'to do',
};

function changeWords([key, value]: [string, unknown]): string {
  const name = changeNames[key] ?? key;
  if (value === null) return `${name} taken back`;
  if (typeof value === 'object') return name;
  if (typeof value === 'boolean') return value ? 'not sure yet' : 'confirmed';
  return `${name} ${String(value).replaceAll('-', ' ')}${key.endsWith('Mm') ? ' mm' : ''}`;
}
