import { mmPerPixelAt } from '../picture';
import type { Entry, EntryKind, EntryOf, FindingChanges } from './entries';
import { noFunctions, noteFunction } from './functionState';
import { noKit, noteKit } from './kitState';
import { ordered, undoneIds } from './liveEntries';
import { noPapers, notePapers } from './papersState';
import { broughtBy, finishPictures, pictureOf, withSaid } from './pictureState';
import { noReadings, noteReading } from './readingState';
import type { Finding, WalkState } from './walkState';

/**
 * The state of a walk from its entries. The same entries in any order, with repeats, give the same state;
 * entries about a finding that is not (or not yet) here wait without effect.
 */
export function replay(walk: string, entries: Iterable<Entry>): WalkState {
  const log = ordered(entries);
  const undone = undoneIds(log);
  const live = log.filter((entry) => entry.walk === walk && !undone.has(entry.id));
  const state: WalkState = {
    walk,
    people: [],
    looks: new Map(),
    findings: [],
    photos: [],
    pictures: new Map(),
    brought: [],
    setAside: new Set(),
    lap: 'close',
    hasSteppedBack: false,
    conditions: { sides: new Map() },
    conditionsMet: [],
    cautionsRead: new Set(),
    ...noReadings(),
    functions: noFunctions(),
    papers: noPapers(),
    kit: noKit(),
    answers: new Map(),
    odometerReads: [],
    undoable: [],
    redoable: [],
  };
  const findings = new Map<string, Finding>();
  // Findings first: on two phones, a later word about one may carry an earlier time than its noting.
  for (const entry of live) if (entry.kind === 'finding-noted') note(findings, entry);
  for (const entry of live) step(state, findings, entry);
  state.findings = [...findings.values()];
  finishPictures(state);
  return state;
}

function note(findings: Map<string, Finding>, { body, at, who }: EntryOf<'finding-noted'>): void {
  if (findings.has(body.finding)) return;
  findings.set(body.finding, {
    id: body.finding,
    number: findings.size + 1,
    part: body.part,
    spot: body.spot,
    kind: body.kind,
    standing: { status: body.suspected ? 'suspected' : 'confirmed' },
    details: body.details,
    at,
    who,
  });
}

/** Moves and settings: nothing an undo button would be pressed for. */
const passing: ReadonlySet<EntryKind> = new Set([
  'walk-begun',
  'stop-reached',
  'route-chosen',
  'lap-begun',
  'caution-read',
]);

function step(state: WalkState, findings: Map<string, Finding>, entry: Entry): void {
  const { at, who } = entry;
  state.lastEntryAt = at;
  if (!state.people.includes(who)) state.people.push(who);
  if (entry.kind === 'undone') state.redoable.push(entry.id);
  else if (!passing.has(entry.kind)) state.undoable.push(entry.id);

  switch (entry.kind) {
    case 'walk-begun':
      state.begun ??= { ...entry.body, at, who };
      break;
    case 'stop-reached':
      state.at = entry.body.part;
      break;
    case 'route-chosen':
      state.route = entry.body.rule;
      break;
    case 'lap-begun':
      state.lap = entry.body.lap;
      if (entry.body.lap === 'step-back') state.hasSteppedBack = true;
      break;
    case 'conditions-noted': {
      const { side, ...conditions } = entry.body;
      if (side) state.conditions.sides.set(side, conditions);
      // A new word on the whole car holds for every side again.
      else state.conditions = { whole: conditions, sides: new Map() };
      state.conditionsMet.push(conditions);
      break;
    }
    case 'caution-read':
      state.cautionsRead.add(entry.body.caution);
      break;
    case 'notice-answered': {
      const finding = findings.get(entry.body.finding);
      if (finding)
        findings.set(finding.id, {
          ...finding,
          details: { ...finding.details, notice: entry.body.notice },
          isNoticeWalked: true,
        });
      break;
    }
    case 'part-cleared':
      state.looks.set(entry.body.part, { status: 'clear', at, who });
      break;
    case 'part-not-seen':
      state.looks.set(entry.body.part, { status: 'not-seen', why: entry.body.why, at, who });
      break;
    case 'finding-amended': {
      const finding = findings.get(entry.body.finding);
      if (finding) findings.set(finding.id, amended(finding, entry.body.changes));
      break;
    }
    case 'finding-dismissed': {
      const finding = findings.get(entry.body.finding);
      if (finding) finding.standing = { status: 'dismissed', why: entry.body.why };
      break;
    }
    case 'put-right': {
      const finding = findings.get(entry.body.finding);
      if (finding) finding.standing = { status: 'put-right', says: entry.body.says, at };
      break;
    }
    case 'photo-attached': {
      const { photo, ...where } = entry.body;
      state.photos.push({ entry: entry.id, sha256: photo, ...where, at });
      break;
    }
    case 'tread-read':
    case 'tyre-described':
    case 'tyre-law-chosen':
    case 'wheel-described':
    case 'paint-read':
    case 'screen-planned':
      noteReading(state, entry);
      break;
    case 'service-noted':
    case 'service-removed':
    case 'papers-noted':
    case 'number-read':
    case 'figure-noted':
    case 'figure-removed':
      notePapers(state.papers, entry);
      break;
    case 'functions-tried':
    case 'function-added':
    case 'timer-begun':
    case 'lamps-noted':
    case 'drive-noted':
    case 'recording-attached':
    case 'recording-set-aside':
      noteFunction(state.functions, entry);
      break;
    case 'smell-noted':
    case 'item-counted':
    case 'alteration-noted':
    case 'alteration-removed':
      noteKit(state.kit, entry);
      break;
    case 'question-answered': {
      const { question, says, photos = [] } = entry.body;
      state.answers.set(question, [...(state.answers.get(question) ?? []), { says, photos, at }]);
      break;
    }
    case 'odometer-read':
      state.odometer = { ...entry.body, at };
      state.odometerReads.push(entry.body);
      break;
    case 'photo-brought':
      if (!state.brought.some(({ sha256 }) => sha256 === entry.body.photo))
        state.brought.push(broughtBy(entry));
      break;
    case 'photo-set-aside':
      state.setAside.add(entry.body.photo);
      break;
    case 'camera-clock-set':
      state.cameraOffsetMs = Date.parse(entry.body.trulyAt) - Date.parse(`${entry.body.takenAt}Z`);
      break;
    case 'cover-chosen':
      state.cover = entry.body.photo;
      break;
    case 'spot-on-photo':
    case 'photo-marked':
    case 'photo-hidden':
    case 'photo-captioned':
      state.pictures.set(entry.body.photo, withSaid(pictureOf(state, entry.body.photo), entry));
      break;
    case 'picture-measured': {
      const finding = findings.get(entry.body.finding);
      if (finding) findings.set(finding.id, withMeasured(finding, entry.body));
      break;
    }
    case 'finding-noted':
    case 'undone':
      break;
    default:
      entry satisfies never;
  }
}

/** The size taken from a picture becomes the finding's size. */
function withMeasured(finding: Finding, body: EntryOf<'picture-measured'>['body']): Finding {
  const { photo, measurement, value, plusMinus } = body;
  const of = measurement.mark.of;
  const size = of === 'area' ? { areaMm2: Math.round(value) } : { lengthMm: Math.round(value * 10) / 10 };
  const mmPerPixel = mmPerPixelAt(measurement);
  return {
    ...finding,
    details: { ...finding.details, ...size },
    measured: { photo, of, value, plusMinus, ...(mmPerPixel && { mmPerPixel }) },
  };
}

function amended(finding: Finding, changes: FindingChanges): Finding {
  const { kind, spot, suspected, ...details } = changes;
  const merged: Record<string, unknown> = { ...finding.details };
  for (const [key, value] of Object.entries(details)) {
    if (value === null) delete merged[key];
    else if (value !== undefined) merged[key] = value;
  }
  const { measured, ...rest } = finding;
  const isSizeTyped = changes.lengthMm !== undefined || changes.areaMm2 !== undefined;
  return {
    ...rest,
    ...(measured && !isSizeTyped && { measured }),
    kind: kind ?? finding.kind,
    spot: spot ?? finding.spot,
    standing: suspected === undefined ? finding.standing : { status: suspected ? 'suspected' : 'confirmed' },
    details: merged,
  };
}
