import { readdirSync } from 'node:fs';
import { expect, it } from 'vitest';
import { factsOf, readTalk } from '#core/speech';
import { entrySchema, replay } from '#core/walk';
import { begun, entriesOf, idOf, WALK } from './builders/entries';
import { readTalkFile } from './speech/corpus';

it.each(readdirSync('tests/speech/build'))(
  'what is taken of %s goes into the record as it was drafted',
  (file) => {
    const talk = readTalkFile('build', file);
    const drafts = readTalk(
      talk.lines.map((text) => ({ text })),
      talk,
    );
    let made = 0;
    const newId = () => idOf(0xf000 + made++);
    const facts = factsOf(drafts, { style: talk.style, newId });
    expect(facts.length).toBeGreaterThan(10);
    const entries = entriesOf([begun, ...facts]);
    for (const entry of entries) entrySchema.parse(entry);
    const state = replay(WALK, entries);
    const findings = drafts.filter((draft) => draft.is === 'finding' && draft.sure !== 'ask');
    expect(state.findings.map(({ part, kind }) => `${part} ${kind}`)).toEqual(
      findings.flatMap((draft) => (draft.is === 'finding' ? `${draft.part} ${draft.kind}` : [])),
    );
    // Nothing that must be asked first is taken.
    for (const draft of drafts)
      if (draft.sure === 'ask') expect(factsOf([draft], { style: talk.style, newId })).toEqual([]);
  },
);
