import '@testing-library/jest-dom/jest-globals';
import { beforeEach, describe, expect, jest, test } from '@jest/globals';
import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { parsePlan } from '@/core/edit/parse';
import type { Plan } from '@/core/model/schema';
import { DAY, sample } from '@/core/tests/plans';

const router = { push: jest.fn(), refresh: jest.fn() };
jest.unstable_mockModule('next/navigation', () => ({ useRouter: () => router }));
jest.unstable_mockModule('next/link', () => ({
  default: ({ children, ...rest }: { children: React.ReactNode; href: string }) => (
    <a {...rest}>{children}</a>
  ),
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

beforeEach(() => {
  sent = [];
  status = 201;
  listed = [];
  localStorage.clear();
  jest.spyOn(navigator, 'languages', 'get').mockReturnValue(['en-GB']);
  router.push.mockClear();
  router.refresh.mockClear();
  globalThis.fetch = (async (url: string, init: RequestInit = {}) => {
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

const show = (ids: ('pell-garth' | 'tamar-flats' | 'osk-landing')[] = ['pell-garth']) =>
  render(
    <Home
      plans={ids.map((id) => ({ plan: sample(id), on: DAY, family: id }))}
      unreadable={[]}
      nonce=""
    />,
  );

describe('the list of plans', () => {
  test('each has its drawing and its sentence', () => {
    show(['pell-garth', 'tamar-flats', 'osk-landing']);
    const cards = screen.getAllByRole('article');
    expect(cards).toHaveLength(3);
    expect(cards.map((c) => c.querySelector('[data-sentence]')?.textContent)).toEqual([
      'This coop carries 6 birds. You plan 14. The roosts hold it back.',
      'Enter the roosts and the nests to see what this coop carries.',
      'This coop carries 0 birds. You plan 34. The roosts hold it back: 0 of the 22 birds here now.',
    ]);
    expect(
      screen.getByRole('img', { name: 'Pell Garth, seen from the front' }),
    ).toBeInTheDocument();
    expect(screen.getByRole('link', { name: 'Pell Garth' })).toHaveAttribute(
      'href',
      '/plans/pell-garth',
    );
  });

  test('without plans it says how to begin', async () => {
    show([]);
    expect(await screen.findByLabelText('1. Who will live in it?')).toBeInTheDocument();
    expect(screen.getByRole('link', { name: 'measure up one that stands' })).toHaveAttribute(
      'href',
      '/check',
    );
  });

  test('a stored plan that cannot be read is told of, with what is wrong', () => {
    const bad = parsePlan({ format: 'old' });
    render(
      <Home plans={[]} unreadable={[{ id: 'attic', issues: bad.ok ? [] : bad.issues }]} nonce="" />,
    );
    expect(screen.getByRole('alert')).toHaveTextContent("The stored plan attic can't be read");
    expect(screen.getByRole('alert')).toHaveTextContent('This is not a plan file');
  });

  test('variants of one plan stand together, and lead to their comparison', () => {
    const [first, strange] = [sample('pell-garth'), sample('tamar-flats')];
    const variant = { ...first, id: 'try', name: 'Pell Garth (copy)' };
    const of = (plan: Plan, family: string) => ({ plan, on: DAY, family });
    render(
      <Home
        plans={[of(first, first.id), of(strange, strange.id), of(variant, first.id)]}
        unreadable={[]}
        nonce=""
      />,
    );
    expect(screen.getAllByRole('article').map((c) => c.getAttribute('data-plan'))).toEqual([
      'pell-garth',
      'try',
      'tamar-flats',
    ]);
    expect(
      screen
        .getAllByRole('link', { name: 'Compare with its variant' })
        .map((l) => l.getAttribute('href')),
    ).toEqual(['/compare?plan=pell-garth&plan=try', '/compare?plan=try&plan=pell-garth']);
  });

  test('a name with markup in it is text', () => {
    const plan = { ...sample('tamar-flats'), name: '<b>Bold</b> & "quoted"' };
    render(<Home plans={[{ plan, on: DAY, family: plan.id }]} unreadable={[]} nonce="" />);
    expect(screen.getByRole('link', { name: '<b>Bold</b> & "quoted"' })).toBeInTheDocument();
    expect(document.querySelector('b')).toBeNull();
  });

  test('a number in a sentence opens its working on the card', async () => {
    show();
    await userEvent.setup().click(screen.getByRole('button', { name: '6' }));
    const working = await screen.findByRole('region', { name: 'Working' });
    expect(working).toHaveTextContent('Floor 14 birds, Roosts 6 birds, Nests 13 birds');
  });

  test('a plan is copied at once, and removed into the bin, from where it comes back', async () => {
    const user = userEvent.setup();
    const { rerender } = show();
    await user.click(screen.getByRole('button', { name: 'Copy Pell Garth' }));
    expect(sent).toEqual([{ url: '/api/plans/pell-garth/copy', method: 'POST', body: null }]);
    await user.click(screen.getByRole('button', { name: 'Remove Pell Garth' }));
    expect(sent[1]).toMatchObject({ url: '/api/plans/pell-garth', method: 'DELETE' });
    await waitFor(() => expect(router.refresh).toHaveBeenCalledTimes(2));
    const bin = [{ id: 'pell-garth', name: 'Pell Garth', goes: '24 December 2026' }];
    rerender(<Home plans={[]} unreadable={[]} bin={bin} nonce="" />);
    expect(screen.getByRole('status')).toHaveTextContent('Pell Garth lies in the bin.');
    await user.click(screen.getByRole('button', { name: 'Put it back' }));
    expect(sent[2]).toEqual({ url: '/api/bin/pell-garth', method: 'POST', body: null });
  });

  test('the bin says until when, and throws away only after asking', async () => {
    const user = userEvent.setup();
    const bin = [{ id: 'shed', name: 'Shed', goes: '24 December 2026' }];
    render(<Home plans={[]} unreadable={[]} bin={bin} nonce="" />);
    await user.click(screen.getByText('Bin: 1 plan'));
    expect(screen.getByText('until 24 December 2026')).toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: 'Throw Shed away' }));
    expect(sent).toEqual([]);
    const asked = within(screen.getByRole('alertdialog'));
    await user.click(asked.getByRole('button', { name: 'Throw it away' }));
    expect(sent).toEqual([{ url: '/api/bin/shed', method: 'DELETE', body: null }]);
    status = 0;
    await user.click(screen.getByRole('button', { name: 'Put Shed back' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('Shed is where it was');
  });

  test('a plan is renamed, but not to a name that another has', async () => {
    const user = userEvent.setup();
    show(['pell-garth', 'osk-landing']);
    listed = [
      { id: 'pell-garth', name: 'Pell Garth' },
      { id: 'osk-landing', name: 'Osk Landing' },
    ];
    await user.click(screen.getByRole('button', { name: 'Rename Pell Garth' }));
    const field = within(screen.getByRole('dialog')).getByLabelText('Name');
    const rename = async (name: string): Promise<void> => {
      await user.clear(field);
      await user.type(field, `${name}{Enter}`);
    };
    await rename(' ');
    expect(await screen.findByText('Give the plan a name.')).toBeInTheDocument();
    await rename('osk  landing');
    expect(await screen.findByText(/Another plan is called “osk landing”/)).toBeInTheDocument();
    await rename('x'.repeat(81));
    expect(await screen.findByText(/too long: 80 letters/)).toBeInTheDocument();
    expect(sent.every((s) => s.method === 'GET')).toBe(true);
    await rename('pell garth');
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    expect(sent.at(-1)).toEqual({
      url: '/api/plans/pell-garth/name',
      method: 'PUT',
      body: { name: 'pell garth' },
    });
  });
});

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

describe('bringing a file in', () => {
  const bring = async (text: string, name = 'plan.json') => {
    show([]);
    const file = new File([text], name, { type: 'application/json' });
    file.text = async () => text;
    await userEvent.setup().upload(screen.getByLabelText('Plan file to bring in'), file);
  };

  test('a good file is stored, and opened', async () => {
    await bring(JSON.stringify(sample('osk-landing')));
    await waitFor(() => expect(router.push).toHaveBeenCalledWith('/plans/made'));
    expect(sent[0]).toMatchObject({
      url: '/api/plans',
      method: 'POST',
      body: sample('osk-landing'),
    });
  });

  test('a bad one is told of at its places, and nothing is sent', async () => {
    await bring(JSON.stringify({ ...sample('osk-landing'), colour: 'red', name: '' }), 'bad.json');
    const dialog = await screen.findByRole('dialog');
    expect(dialog).toHaveTextContent('bad.json was not brought in');
    expect(dialog).toHaveTextContent('It has keys that a plan does not have: colour. Remove them.');
    expect(dialog).toHaveTextContent('name: Give it a name.');
    expect(sent).toEqual([]);
  });

  test('one larger than 1 MB is not even read', async () => {
    await bring(`"${'x'.repeat(1_500_000)}"`);
    expect(await screen.findByRole('dialog')).toHaveTextContent('It is larger than 1 MB (2 MB).');
  });

  test('a server that refuses or does not answer is told of', async () => {
    status = 0;
    await bring(JSON.stringify(sample('osk-landing')));
    expect(await screen.findByRole('dialog')).toHaveTextContent('The server does not answer');
  });
});
