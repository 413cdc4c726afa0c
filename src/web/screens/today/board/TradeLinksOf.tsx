import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link2 } from 'lucide-react';
import { useId } from 'react';
import type { NewTradeLink, TradeLink, TradeLinks } from '#core/api';
import { shortDay } from '#core/wording';
import { getJson, sendJson } from '../../../api/client';
import { Button } from '../../../components/Button';
import { CopyButton } from '../../../components/CopyButton';
import { TextField } from '../../../components/fields';
import { HandoverCode } from '../../../components/HandoverCode';
import { Notice } from '../../../components/Notice';
import { useTyped } from '../../../components/useTyped';

const KEY = ['trade-links'];
/** So long a link opens unless it is said otherwise. House rule. */
const USUAL_DAYS = 14;

/** Links by which one of the crew sees its jobs on its own phone: to be made, handed over and withdrawn. */
export function TradeLinksOf({ crew }: { crew: { id: string; name: string } }) {
  const id = useId();
  const client = useQueryClient();
  const query = useQuery({ queryKey: KEY, queryFn: () => getJson<TradeLinks>('/api/trade-links') });
  const { value, setValue, drop } = useTyped(`trade-link.${crew.id}`, {
    label: '',
    days: String(USUAL_DAYS),
  });
  const again = () => client.invalidateQueries({ queryKey: KEY });
  const make = useMutation({
    mutationFn: () =>
      sendJson<NewTradeLink>('POST', '/api/trade-links', {
        crew: crew.id,
        label: value.label,
        days: Number(value.days),
      }),
    onSuccess: () => {
      setValue({ label: '', days: String(USUAL_DAYS) });
      drop();
      return again();
    },
  });
  const withdraw = useMutation({
    mutationFn: (link: TradeLink) => sendJson<TradeLink>('DELETE', `/api/trade-links/${link.id}`, {}),
    onSuccess: again,
  });
  const links = (query.data?.links ?? []).filter((link) => link.crew === crew.id);
  const url = make.data && new URL(`/t/${make.data.token}`, window.location.origin).href;
  const problem = make.error ?? withdraw.error ?? query.error;
  return (
    <section aria-labelledby={`${id}-links`} className="mt-10 space-y-3 print:hidden">
      <h2 id={`${id}-links`} className="text-xl">
        For their own phone
      </h2>
      <p>
        By a link {crew.name} sees these jobs alone, says what is done or cannot be done, and sends pictures.
        It opens nothing else of the yard.
      </p>
      <form
        className="flex flex-wrap items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          make.mutate();
        }}
      >
        <div className="min-w-40 flex-1">
          <TextField
            id={`${id}-label`}
            label="Whom it is for"
            maxLength={60}
            autoComplete="off"
            value={value.label}
            onChange={({ target }) => setValue((now) => ({ ...now, label: target.value }))}
          />
        </div>
        <div className="w-28">
          <TextField
            id={`${id}-days`}
            label="Opens for days"
            inputMode="numeric"
            value={value.days}
            onChange={({ target }) => setValue((now) => ({ ...now, days: target.value }))}
          />
        </div>
        <Button type="submit" look="tape" disabled={make.isPending}>
          <Link2 aria-hidden size={18} /> Make a link
        </Button>
      </form>
      {problem && <Notice look="warn">{problem.message}</Notice>}
      {url && (
        <Notice>
          <div className="flex flex-wrap items-start gap-4">
            <div className="min-w-48 flex-1" data-testid="trade-link">
              <p className="font-bold">Copy this link now: it is shown only once.</p>
              <CopyButton text={url} label="Copy the link" />
            </div>
            <HandoverCode url={url} />
          </div>
        </Notice>
      )}
      {links.length > 0 && (
        <ul className="border-t border-ink">
          {links.map((link) => (
            <li
              key={link.id}
              className="flex flex-wrap items-center justify-between gap-2 border-b border-line py-2"
            >
              <span>
                <span className="font-bold">{link.label}</span>
                <span className="block text-sm text-soft">{stateOf(link)}</span>
              </span>
              {!link.withdrawnAt && (
                <Button
                  disabled={withdraw.isPending}
                  aria-label={`Withdraw the link for ${link.label}`}
                  onClick={() => withdraw.mutate(link)}
                >
                  Withdraw
                </Button>
              )}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

function stateOf({ withdrawnAt, expiresAt, lastOpenedAt }: TradeLink): string {
  if (withdrawnAt) return `Withdrawn ${shortDay(withdrawnAt)}`;
  const until =
    Date.parse(expiresAt) <= Date.now()
      ? `Ran out ${shortDay(expiresAt)}`
      : `Opens until ${shortDay(expiresAt)}`;
  return `${until}; ${lastOpenedAt ? `last opened ${shortDay(lastOpenedAt)}` : 'not opened yet'}`;
}
