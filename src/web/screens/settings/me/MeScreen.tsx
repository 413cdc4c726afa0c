import { useQuery } from '@tanstack/react-query';
import { Eye, ListChecks, LogOut, UsersRound } from 'lucide-react';
import { Link } from 'react-router';
import { roleNames } from '#core/people';
import { Button, buttonLook } from '../../../components/Button';
import { Fold } from '../../../components/Fold';
import { Notice } from '../../../components/Notice';
import { If } from '../../../people/If';
import { useMay, useMe } from '../../../people/me';
import { presence } from '../../../people/presence';
import { Bar } from '../../../shell/Bar';
import { OutboxBadge } from '../../../shell/OutboxBadge';
import { BringPhone } from './BringPhone';
import { Devices } from './Devices';
import { OnThisDevice } from './OnThisDevice';
import { OwnPasskeys } from './OwnPasskeys';
import { OwnPassword } from './OwnPassword';
import { OwnPin } from './OwnPin';
import { TakeOver } from './TakeOver';
import { useEntering } from './useEntering';

/** Who is here, how somebody else takes over, and what one signs in by. */
export function MeScreen() {
  const me = useMe();
  const now = useQuery(presence);
  const leave = useEntering('/api/sign-out');
  const here = now.data?.here ?? [];
  const others = here.filter(({ person, hasPin }) => hasPin && person !== me.person);
  const hasPin = here.some((each) => each.person === me.person && each.hasPin);
  return (
    <>
      <Bar title="You and this device" back={{ to: '/', label: 'Back to the stock list' }}>
        <OutboxBadge />
      </Bar>
      <main className="mx-auto max-w-2xl space-y-6 p-4">
        <section aria-label="Who is here" className="flex flex-wrap items-center gap-3">
          <p className="min-w-0 flex-1">
            <span className="block text-2xl font-bold">{me.name}</span>
            {roleNames[me.role].name}: {roleNames[me.role].does}.
          </p>
          <Button onClick={() => leave.mutate({})}>
            <LogOut aria-hidden size={20} /> Sign out
          </Button>
        </section>
        {leave.error && <Notice look="warn">{leave.error.message}</Notice>}
        {useMay('people') && (
          <nav aria-label="The yard’s people" className="flex flex-wrap gap-2">
            <Link to="/people" className={buttonLook()}>
              <UsersRound aria-hidden size={20} /> People of the yard
            </Link>
            <Link to="/people/log" className={buttonLook()}>
              <ListChecks aria-hidden size={20} /> Who did what
            </Link>
          </nav>
        )}
        <section aria-label="Learning to see" className="space-y-2">
          <h2 className="text-xl">Learning to see</h2>
          <p>
            Pictures of cars with what is on them known: find it, and see how you do. It is yours alone unless
            you share it.
          </p>
          <nav aria-label="Practice" className="flex flex-wrap gap-2">
            <Link to="/practice" className={buttonLook()}>
              <Eye aria-hidden size={20} /> Practice yard
            </Link>
            <If may="people">
              <Link to="/practice/team" className={buttonLook()}>
                <UsersRound aria-hidden size={20} /> Where the team differs
              </Link>
            </If>
          </nav>
        </section>
        <section aria-label="Somebody else takes over" className="space-y-2">
          <h2 className="text-xl">Somebody else takes over</h2>
          {others.length > 0 ? (
            <TakeOver people={others} />
          ) : (
            <p>
              Nobody else has a PIN on this device. They sign in here once by name, and set one on this page.
            </p>
          )}
          <OwnPin hasPin={hasPin} />
        </section>
        <section aria-label="This device" className="space-y-2">
          <h2 className="text-xl">This device</h2>
          <OnThisDevice />
        </section>
        <section aria-label="Bring a phone" className="space-y-2">
          <h2 className="text-xl">Bring a phone</h2>
          <BringPhone />
        </section>
        <section aria-label="Devices" className="space-y-2">
          <h2 className="text-xl">Where you are signed in</h2>
          <Devices />
        </section>
        <section aria-label="Passkeys" className="space-y-2">
          <h2 className="text-xl">Passkeys</h2>
          <OwnPasskeys />
        </section>
        <Fold title="Change the password">
          <OwnPassword />
        </Fold>
      </main>
    </>
  );
}
