import { describe, expect, it } from 'vitest';
import type { Round } from '#core/api';
import type { OutboxLook } from '../sync/outboxStore';
import { settle, settledRound, settlingOf } from './settling';

const WHO = '5b0f6f0e-93a1-4d0a-8d5c-0f6f2d3c1a01';
const look = (id: string, car = 'car') => ({
  id,
  car,
  at: '2026-03-14T07:00:00.000Z',
  day: '2026-03-14',
  start: 'at-once' as const,
});
const said = (id: string, more: Partial<OutboxLook> = {}): OutboxLook => ({ id, look: look(id), ...more });
const fetched = (...ids: string[]): Round => ({
  cars: [
    {
      car: 'car',
      stockNumber: 'M-1',
      standsAt: '',
      looks: ids.map((id) => ({ ...look(id), who: WHO })),
    } as unknown as Round['cars'][number],
  ],
});

/** Which looks are shown after each step: what waits on the device, and the list as it was fetched last. */
function shown(steps: readonly (readonly [waiting: readonly OutboxLook[], list: Round])[]): string[] {
  let now = settlingOf([]);
  return steps.map(([waiting, list]) => {
    now = settle(now, waiting, list);
    return settledRound(list, now, WHO)
      .flatMap(({ looks }) => looks.map(({ id }) => id))
      .join();
  });
}

describe('looks between the device and the list', () => {
  it('stand from the tap on, though a list fetched before they arrived comes after', () => {
    const old = fetched('a');
    expect(
      shown([
        [[], old],
        [[said('b')], old],
        [[], old],
        [[], fetched('a')],
        [[], fetched('a', 'b')],
        [[], fetched('a', 'b')],
      ]),
    ).toEqual(['a', 'a,b', 'a,b', 'a,b', 'a,b', 'a,b']);
  });

  it('are gone from when they are taken back, whatever comes after', () => {
    const back = said('a', { isTakenBack: true });
    expect(
      shown([
        [[], fetched('a')],
        [[back], fetched('a')],
        [[], fetched('a')],
        [[], fetched()],
      ]),
    ).toEqual(['a', '', '', '']);
    // Said and taken back before it was sent.
    expect(
      shown([
        [[said('b')], fetched()],
        [[said('b', { isTakenBack: true })], fetched()],
        [[], fetched('b')],
      ]),
    ).toEqual(['b', '', '']);
  });

  it('do not stand where the server would not have them, and stay where it would not take them back', () => {
    expect(
      shown([
        [[said('b')], fetched()],
        [[said('b', { refusal: 'not so' })], fetched()],
        [[], fetched()],
      ]),
    ).toEqual(['b', '', '']);
    expect(
      shown([
        [[said('a', { isTakenBack: true })], fetched('a')],
        [[said('a', { isTakenBack: true, refusal: 'not so' })], fetched('a')],
      ]),
    ).toEqual(['', 'a']);
  });

  it('change nothing where nothing has changed: a screen is not drawn for it', () => {
    const waiting = [said('b')];
    const once = settle(settlingOf([]), waiting, fetched());
    expect(settle(once, waiting, fetched())).toBe(once);
  });
});
