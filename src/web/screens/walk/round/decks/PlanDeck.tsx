import {
  CheckCheck,
  Clapperboard,
  CloudSun,
  ListOrdered,
  MessageCircleQuestion,
  MessageSquareText,
  Mic,
  ScrollText,
  Wrench,
} from 'lucide-react';
import { Link } from 'react-router';
import { type RouteRule, usualRoute } from '#core/route';
import { conditionLine, estimateSeconds } from '#core/walk';
import { Button, buttonLook } from '../../../../components/Button';
import { SelectField } from '../../../../components/fields';
import { If } from '../../../../people/If';
import { useWalker } from '../../../../people/me';
import { routeChoices } from '../../../settings/routes/routeChoices';
import { minutesWords } from '../../../settings/routes/routeWords';
import { usePace, useRoutes } from '../../../settings/routes/useRoutes';
import { conditionsAt } from '../walkModel';
import { AskWeakSpots } from './AskWeakSpots';
import { DeckHead } from './DeckHead';
import type { DeckProps } from './deckProps';
import { HubRows } from './HubRows';
import { ThisDevice } from './ThisDevice';

/** How this walk goes: its route, its laps, and what can be seen today. */
export function PlanDeck({ walk, face, cover, goTo, say, setDeck }: DeckProps) {
  const { state, style, page } = walk;
  const walker = useWalker();
  const routes = useRoutes(walker);
  const pace = usePace(walker);
  const rule = state.route ?? usualRoute;
  const choices = routeChoices(routes.data);
  const chosen = choices.find((choice) => sameRule(choice.rule, rule));
  const conditions = conditionsAt(state, face);
  const left = estimateSeconds(style, cover.left, pace.data);
  return (
    <>
      <DeckHead
        title="Where to"
        note={cover.left.length > 0 ? `About ${minutesWords(left)} left` : 'Every part was visited'}
        onClose={() => setDeck({ mode: 'stop' })}
      />
      <div className="min-h-12 flex-1 space-y-3 overflow-y-auto p-3">
        <HubRows {...{ walk, goTo, say, setDeck }} />
        <div className="grid grid-cols-[repeat(auto-fit,minmax(9rem,1fr))] gap-2">
          <If may="plan">
            <Link to={`/walks/${walk.page.walk}/plan`} className={buttonLook()}>
              <Wrench aria-hidden size={20} /> Putting it right
            </Link>
          </If>
          <Link to={`/walks/${walk.page.walk}/second-walk`} className={buttonLook()}>
            <CheckCheck aria-hidden size={20} /> Second walk
          </Link>
        </div>
        <SelectField
          id="route"
          label="Route of this walk"
          hint="You may leave it at any time: tap any part on the map."
          value={chosen?.id ?? ''}
          onChange={(event) => {
            const next = choices.find((choice) => choice.id === event.target.value);
            if (next) say({ kind: 'route-chosen', body: { rule: next.rule } });
          }}
        >
          {!chosen && <option value="">{rule.name}</option>}
          {choices.map((choice) => (
            <option key={choice.id} value={choice.id}>
              {choice.rule.name}
            </option>
          ))}
        </SelectField>
        <Link to="/routes" className={`${buttonLook()} w-full`}>
          <ListOrdered aria-hidden size={20} /> Change or make routes
        </Link>
        <Button className="w-full" onClick={() => setDeck({ mode: 'conditions' })}>
          <CloudSun aria-hidden size={20} />
          {conditions ? conditionLine(conditions) : 'Note light, wet and dirt'}
        </Button>
        <AskWeakSpots walk={walk} say={say} />
        <Link to={`/walks/${page.walk}/questions`} className={`${buttonLook()} w-full`}>
          <MessageCircleQuestion aria-hidden size={20} /> Second looks and worries
        </Link>
        <Link to={`/walks/${page.walk}/cues`} className={`${buttonLook()} w-full`}>
          <ScrollText aria-hidden size={20} /> Cue sheet
        </Link>
        <Link to={`/walks/${page.walk}/talk`} className={`${buttonLook()} w-full`}>
          <Mic aria-hidden size={20} /> Talk it through
        </Link>
        <Link to={`/walks/${page.walk}/film`} className={`${buttonLook()} w-full`}>
          <Clapperboard aria-hidden size={20} /> Film of the walk
        </Link>
        <Link to="/help/what-to-say" className={`${buttonLook()} w-full`}>
          <MessageSquareText aria-hidden size={20} /> What you can say
        </Link>
        <ThisDevice />
      </div>
    </>
  );
}

const sameRule = (a: RouteRule, b: RouteRule) => JSON.stringify(a) === JSON.stringify(b);
