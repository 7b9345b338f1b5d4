import '@testing-library/jest-dom/jest-globals';
import { beforeEach, describe, expect, jest, test } from '@jest/globals';
import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { parsePlan } from '@/core/edit/parse';
import type { Plan } from '@/core/model/schema';
import { DAY, sample } from '@/core/tests/plans';
import { cardOf } from '@/formats/planCard';
import type { Listed } from './PlanCard';

const router = { push: jest.fn(), refresh: jest.fn(), replace: jest.fn() };
jest.unstable_mockModule('next/navigation', () => ({ useRouter: () => router }));
jest.unstable_mockModule('next/link', () => ({
  default: ({
    children,
    prefetch: _,
    ...rest
  }: {
    children: React.ReactNode;
    href: string;
    prefetch?: boolean;
  }) => <a {...rest}>{children}</a>,
}));

const { Home } = await import('./Home');

interface Sent {
  readonly url: string;
  readonly method: string;
  readonly body: unknown;
}

let sent: Sent[];
let status: number;
/** What the server lists. */
let listed: unknown;
/** The plans whose cards the server has. */
let stored: Plan[];

beforeEach(() => {
  sent = [];
  status = 201;
  listed = [];
  stored = [];
  localStorage.clear();
  jest.spyOn(navigator, 'languages', 'get').mockReturnValue(['en-GB']);
  router.push.mockClear();
  router.refresh.mockClear();
  router.replace.mockClear();
  globalThis.fetch = (async (url: string, init: RequestInit = {}) => {
    const of = /^\/api\/plans\/([^/]+)\/card$/.exec(url)?.[1];
    if (of !== undefined) return cardAnswer(of);
    sent.push({
      url,
      method: init.method ?? 'GET',
      body: init.body ? JSON.parse(String(init.body)) : null,
    });
    if (status === 0) throw new TypeError('Failed to fetch');
    return {
      ok: status < 400,
      status,
      json: async () => (url === '/api/plans' && !init.method ? listed : { id: 'made' }),
    } as Response;
  }) as typeof fetch;
});

/** What the server answers where a card is asked for. */
function cardAnswer(id: string): Response {
  const plan = stored.find((p) => p.id === id);
  const card = plan && { plan, card: JSON.parse(JSON.stringify(cardOf(plan, DAY))) };
  return { ok: card !== undefined, status: card ? 200 : 404, json: async () => card } as Response;
}

/** A plan as the page has it, its words with it or still to come. */
function listedOf(plan: Plan, more: Partial<Listed> = {}): Listed {
  stored.push(plan);
  const { sentence, figures } = cardOf(plan, DAY);
  return {
    id: plan.id,
    name: plan.name,
    units: plan.units,
    revision: 1,
    stamp: `1-0-${DAY}`,
    kin: [],
    words: { sentence, figures },
    ...more,
  };
}

const show = (ids: ('pell-garth' | 'tamar-flats' | 'osk-landing')[] = ['pell-garth']) =>
  render(<Home plans={ids.map((id) => listedOf(sample(id)))} unreadable={[]} nonce="" />);

describe('a new plan', () => {
  const open = async () => {
    const user = userEvent.setup();
    show([]);
    await user.click(screen.getByRole('button', { name: 'New plan' }));
    const fill = async (label: RegExp, text: string) => {
      await user.clear(screen.getByLabelText(label));
      await user.type(screen.getByLabelText(label), text);
    };
    const next = () => user.click(screen.getByRole('button', { name: 'Next: the room' }));
    const start = () => user.click(screen.getByRole('button', { name: 'Start the plan' }));
    const toTheRoom = async () => {
      await fill(/Name/, 'Shed');
      await next();
      await screen.findByLabelText(/Length/);
    };
    return { user, fill, next, start, toTheRoom };
  };

  test('asks first who and where; what is wrong is said at its field', async () => {
    const { fill, next, start, toTheRoom } = await open();
    expect(screen.queryByLabelText(/Length/)).toBeNull();
    await fill(/How many birds/, 'ten');
    await next();
    expect(await screen.findByText('Give the coop a name.')).toBeInTheDocument();
    expect(screen.getByText(/Type a whole number from 1 to 2000/)).toBeInTheDocument();
    await fill(/How many birds/, '10');
    await toTheRoom();
    await start();
    expect(await screen.findAllByText('Type a length, such as 120 cm.')).toHaveLength(4);
    expect(sent).toEqual([]);
  });

  test('is stored as a good plan with its birds, its weather and the measures typed', async () => {
    const { user, fill, start, toTheRoom } = await open();
    await fill(/How many birds/, '10');
    await user.selectOptions(screen.getByLabelText('What kind'), 'sussex');
    const weather = screen.getByLabelText('What is the weather like there');
    expect(within(weather).getByText('wet upland (Jan 2 °C, Jul 13 °C)')).toBeInTheDocument();
    await user.selectOptions(weather, 'wet-upland');
    await toTheRoom();
    await fill(/Length/, '12 ft');
    await fill(/Width/, '2,4 m');
    await fill(/low side/, '190');
    await fill(/high side/, '2.3 m');
    await start();
    await waitFor(() => expect(router.push).toHaveBeenCalledWith('/plans/made'));
    const parsed = parsePlan(sent[0]?.body);
    expect(parsed).toMatchObject({
      ok: true,
      value: {
        name: 'Shed',
        climate: { source: { kind: 'shipped', id: 'wet-upland' }, altitudeM: 340 },
        shell: {
          lengthM: 3.6576,
          widthM: 2.4,
          roof: { kind: 'mono', lowM: 1.9, highM: 2.3, highSide: 'rear' },
        },
        flock: [{ count: 10, breed: 'sussex', sex: 'hen', hatchedOn: null, leavesOn: null }],
        fixtures: [],
      },
    });
  });

  test('takes units from the browser’s region, and then the last that were chosen', async () => {
    jest.spyOn(navigator, 'languages', 'get').mockReturnValue(['en-US']);
    const { user, toTheRoom } = await open();
    expect(screen.getByLabelText('Units')).toHaveValue('imperial');
    expect(
      within(screen.getByRole('dialog')).getByText('wet upland (Jan 35 °F, Jul 55 °F)'),
    ).toBeInTheDocument();
    await user.selectOptions(screen.getByLabelText('Units'), 'metric');
    await toTheRoom();
    await user.keyboard('{Escape}');
    await user.click(screen.getByRole('button', { name: 'New plan' }));
    expect(screen.getByLabelText('Units')).toHaveValue('metric');
  });

  test('without birds and weather it is a plan all the same; under a flat roof one height is asked', async () => {
    const { user, fill, start, toTheRoom } = await open();
    await toTheRoom();
    await user.selectOptions(screen.getByLabelText('Roof'), 'flat');
    expect(screen.queryByLabelText(/low side/)).toBeNull();
    await fill(/Length/, '200');
    await fill(/Width/, '150');
    await user.click(screen.getByRole('button', { name: 'Back' }));
    expect(screen.getByLabelText(/Name/)).toHaveValue('Shed');
    await toTheRoom();
    await fill(/Height inside/, '200');
    await start();
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]?.body).toMatchObject({
      shell: { lengthM: 2, roof: { kind: 'flat', lowM: 2, highM: 2 } },
      flock: [],
      climate: null,
    });
  });

  test('with a high side below the low one, or a coop of a hand’s breadth, is told so', async () => {
    const { fill, start, toTheRoom } = await open();
    await toTheRoom();
    await fill(/Length/, '20 cm');
    await fill(/Width/, '200');
    await fill(/low side/, '200');
    await fill(/high side/, '190');
    await start();
    expect(
      await screen.findByText('That is outside what fits here: from 30 cm to 30.00 m.'),
    ).toBeInTheDocument();
    expect(
      screen.getByText('The high side is lower than the low side. Swap them.'),
    ).toBeInTheDocument();
  });

  test('keeps what was typed when the server does not answer', async () => {
    const { fill, start, toTheRoom } = await open();
    status = 0;
    await toTheRoom();
    for (const label of [/Length/, /Width/, /low side/, /high side/]) await fill(label, '200');
    await start();
    expect(
      await screen.findByText(/The server does not answer, so nothing was stored/),
    ).toBeInTheDocument();
    expect(screen.getByLabelText(/Length/)).toHaveValue('200');
  });
});
