import { X } from 'lucide-react';
import type { FormEvent } from 'react';
import { partNameForAnyone, vocabularyOf } from '#core/car';
import { functionTitle } from '#core/readings';
import { type FirstLine, findingLine, firstLineKey, storySays } from '#core/walk';
import { withinSentence } from '#core/wording';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';
import { useTyped } from '../../../components/useTyped';
import type { OpenWalk } from '../../../sync/useWalk';

/** What a buyer reads before all else: things of the walk that were marked so, and lines in the seller's own words. */
export function FirstLinesEntry({ walk }: { walk: OpenWalk }) {
  const { value: says, setValue: setSays } = useTyped(`first-line.${walk.state.walk}`, '');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (says.trim() === '') return;
    walk.record({ kind: 'told-first', body: { about: { of: 'words', says: says.trim() } } });
    setSays('');
  };
  return (
    <section aria-labelledby="first-title" className="space-y-3">
      <h2 id="first-title" className="text-xl">
        Tell a buyer first
      </h2>
      <ul>
        {[...walk.state.firstLines.values()].map((line) => (
          <li key={firstLineKey(line)} className="flex items-center gap-2 border-b border-line">
            <span className="min-w-0 flex-1 py-2 leading-tight">{lineOf(line, walk)}</span>
            <button
              type="button"
              aria-label={`No longer first: ${lineOf(line, walk)}`}
              className="grid size-12 shrink-0 place-items-center"
              onClick={() => walk.record({ kind: 'told-first-taken-back', body: { about: line } })}
            >
              <X aria-hidden size={20} />
            </button>
          </li>
        ))}
      </ul>
      <form onSubmit={submit} className="space-y-3">
        <Field id="first-line" label="The main thing to know, in your words">
          <input
            id="first-line"
            className={inputLook}
            maxLength={160}
            autoComplete="off"
            value={says}
            onChange={(event) => setSays(event.target.value)}
          />
        </Field>
        <Button type="submit" look="tape" className="w-full" disabled={says.trim() === ''}>
          Tell this first
        </Button>
      </form>
    </section>
  );
}

function lineOf(line: FirstLine, { state, style, page }: OpenWalk): string {
  const vocabulary = vocabularyOf(page.car);
  switch (line.of) {
    case 'finding': {
      const finding = state.findings.find(({ id }) => id === line.finding);
      const part = finding && style.parts.get(finding.part);
      if (!finding || !part) return 'A finding that is no longer there';
      return `${findingLine(finding, vocabulary)}, ${withinSentence(partNameForAnyone(part, page.car))}`;
    }
    case 'function':
      return functionTitle(state.functions, line.function, vocabulary);
    case 'story': {
      const fact = state.story.get(line.fact);
      return fact ? storySays(fact) : 'A fact that was taken back';
    }
    case 'words':
      return `“${line.says}”`;
  }
}
