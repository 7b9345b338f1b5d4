import '@testing-library/jest-dom/jest-globals';
import { beforeEach, describe, expect, jest, test } from '@jest/globals';
import { cleanup, render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { parsePlan } from '@/core/edit/parse';
import type { Plan } from '@/core/model/schema';
import { DAY, sample } from '@/core/tests/plans';
import { cardOf } from '@/formats/planCard';
import { noteSave } from '../session/known';
import type { Listed } from './PlanCard';
import type { Place } from './PlanFinder';

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

describe('the list of plans', () => {
  test('each has its drawing and its sentence', () => {
    show(['pell-garth', 'tamar-flats', 'osk-landing']);
    const cards = screen.getAllByRole('article');
    expect(cards).toHaveLength(3);
    expect(cards.map((c) => c.querySelector('[data-sentence]')?.textContent)).toEqual([
      'This coop carries 6 birds. You plan 14. The roosts hold it back.',
      'Enter the roosts and the nests to see what this coop carries.',
      'This coop carries 8 Chantecler hens and none of the 14 Brahma and Pekin bantam hens: no bar they can climb to. You plan 34. The roosts hold it back. As one flock: 0 of 34.',
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

  test('a card whose words were not ready has them when its card has come, with its picture', async () => {
    const plan = listedOf(sample('osk-landing'), { words: null });
    render(<Home plans={[plan]} unreadable={[]} nonce="" />);
    const card = screen.getByRole('article');
    expect(card.querySelector('[data-sentence]')).toBeNull();
    expect(await within(card).findByText(/This coop carries/)).toBeInTheDocument();
    const picture = within(card).getByRole('img', { name: 'Osk Landing, seen from the front' });
    const pens = [...picture.querySelectorAll('[data-pen]')].map((e) => e.getAttribute('data-pen'));
    expect(pens).toEqual(expect.arrayContaining(['wall', 'timber', 'bird']));
  });

  test('a card that cannot be had is told of, and the plan can be opened all the same', async () => {
    const plan = listedOf(sample('osk-landing'), { words: null });
    stored = [];
    render(<Home plans={[plan]} unreadable={[]} nonce="" />);
    expect(await screen.findByText(/The server does not answer/)).toBeInTheDocument();
    expect(screen.getByRole('link', { name: 'Osk Landing' })).toBeInTheDocument();
  });

  test('variants of one plan lead to their comparison', () => {
    const [first, other] = [sample('pell-garth'), { ...sample('pell-garth'), id: 'try' }];
    const plans = [listedOf(first, { kin: ['try'] }), listedOf(other, { kin: ['pell-garth'] })];
    render(<Home plans={plans} unreadable={[]} nonce="" />);
    expect(
      screen
        .getAllByRole('link', { name: 'Compare with its variant' })
        .map((l) => l.getAttribute('href')),
    ).toEqual(['/compare?plan=pell-garth&plan=try', '/compare?plan=try&plan=pell-garth']);
  });

  test('the list is asked for anew where a plan is known to have been saved since', async () => {
    const [typed, same] = ['typed', 'same'].map((id) => ({ ...sample('pell-garth'), id }));
    if (!typed || !same) throw new Error('no plans');
    render(<Home plans={[listedOf(typed), listedOf(same)]} unreadable={[]} nonce="" />);
    noteSave({ plan: same, revision: 1 });
    expect(router.refresh).not.toHaveBeenCalled();
    noteSave({ plan: typed, revision: 2 });
    expect(router.refresh).toHaveBeenCalledTimes(1);
    // a page that the browser had kept is older than what this window knows
    cleanup();
    render(<Home plans={[listedOf(typed)]} unreadable={[]} nonce="" />);
    expect(router.refresh).toHaveBeenCalledTimes(2);
  });

  test('plans are looked for by name, page by page', async () => {
    const place = (more: Partial<Place>): Place => ({
      find: '',
      total: 120,
      found: 120,
      page: 2,
      pages: 3,
      ...more,
    });
    const plans = [listedOf(sample('pell-garth'))];
    const { rerender } = render(<Home plans={plans} unreadable={[]} nonce="" place={place({})} />);
    expect(screen.getByText('120 plans')).toBeInTheDocument();
    expect(screen.getByText('Page 2 of 3')).toBeInTheDocument();
    const to = (name: string) => screen.getByRole('link', { name }).getAttribute('href');
    expect([to('Earlier plans'), to('Later plans')]).toEqual(['/', '/?page=3']);
    await userEvent.setup().type(screen.getByRole('searchbox'), 'pell ');
    await waitFor(() =>
      expect(router.replace).toHaveBeenLastCalledWith('/?find=pell', { scroll: false }),
    );
    rerender(
      <Home
        plans={[]}
        unreadable={[]}
        nonce=""
        place={place({ find: 'xyz', found: 0, pages: 1 })}
      />,
    );
    expect(screen.getByText('0 of 120 plans')).toBeInTheDocument();
    expect(screen.getByText(/in its name/)).toHaveTextContent('No plan has “xyz” in its name.');
    expect(screen.getByRole('searchbox')).toHaveValue('xyz');
    expect(screen.queryByLabelText('1. Who will live in it?')).toBeNull();
  });

  test('a name with markup in it is text', () => {
    const plan = { ...sample('tamar-flats'), name: '<b>Bold</b> & "quoted"' };
    render(<Home plans={[listedOf(plan)]} unreadable={[]} nonce="" />);
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
