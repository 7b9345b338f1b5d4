import '@testing-library/jest-dom/jest-globals';
import { beforeEach, describe, expect, test } from '@jest/globals';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { assess } from '@/core/assess';
import { RULE_BOOK } from '@/core/rules/book';
import { DAY, sample } from '@/core/tests/plans';
import { Figures } from '../figure/shown';
import { FindingList } from '../furniture/FindingList';
import { SchoolList } from '../furniture/SchoolList';
import { edit, openPlan, redo, undo, useBench } from '../session/bench';

const plan = sample('pell-garth');

beforeEach(() => openPlan(plan, 1, DAY));

const state = () => useBench.getState();

describe('edits', () => {
  test('an edit changes the assessment at once, and undo and redo are exact', () => {
    const lengthen = (m: number) =>
      edit('Length', (d) => {
        for (const f of d.fixtures) if (f.kind === 'bar') f.lengthM = m;
      });
    lengthen(2);
    lengthen(2.1);
    expect(state().assessment?.carries).toBe(12);
    const after = state().plan;
    expect([undo(), undo(), undo()]).toEqual(['Length', 'Length', null]);
    expect(state().plan).toEqual(plan);
    expect(state().assessment).toEqual(assess(plan, { on: DAY }));
    expect([redo(), redo(), redo()]).toEqual(['Length', 'Length', null]);
    expect(state().plan).toEqual(after);
  });

  test('an edit that makes no good plan changes nothing and says what is wrong', () => {
    const before = state().plan;
    const refused = edit('Arrival', (d) => {
      const first = d.flock[0];
      if (first) first.arrivesOn = 'tomorrow';
    });
    expect(refused).toMatchObject({ ok: false, issues: [{ code: 'plan.textFormat' }] });
    expect(state().plan).toBe(before);
    expect(state().past).toHaveLength(0);
  });

  test('an edit that changes nothing is no step', () => {
    edit('Nothing', () => undefined);
    expect(state().past).toHaveLength(0);
  });

  test('the bench opens at what holds the coop back, or at what is missing', () => {
    expect(state().station).toBe('roosts');
    openPlan({ ...plan, flock: [] }, 1, DAY);
    expect(state().station).toBe('flock');
  });
});

describe('schools', () => {
  test('a row that stands only in the rules given appears in the list with what it carries and why', () => {
    const row = {
      ...RULE_BOOK.rows.find((r) => r.id === 'roosts.length.elbowRoom'),
      id: 'roosts.length.test',
      school: 'wing to wing',
      why: 'Stands only in this test.',
      params: { widthM: 0.5 },
    } as (typeof RULE_BOOK.rows)[number];
    const assessment = assess(plan, {
      on: DAY,
      book: { ...RULE_BOOK, rows: [...RULE_BOOK.rows, row] },
    });
    useBench.setState({ assessment });
    render(
      <Figures assessment={assessment} plan={plan}>
        <SchoolList topic="roosts.length" offers={assessment.schools['roosts.length'] ?? []} />
      </Figures>,
    );
    const item = screen.getByRole('radio', { name: 'wing to wing' });
    expect(item).not.toBeChecked();
    expect(screen.getByText('Stands only in this test.')).toBeInTheDocument();
    expect(
      document.querySelector('[data-figure="school.roosts.length.test.carries"]'),
    ).toHaveTextContent('4');
    expect(screen.queryByRole('radio', { name: 'statutory floor' })).toBeNull();
  });

  test('choosing one changes the plan', async () => {
    const { assessment } = state();
    if (!assessment) throw new Error('nothing assessed');
    render(
      <Figures assessment={assessment} plan={plan}>
        <SchoolList topic="roosts.length" offers={assessment.schools['roosts.length'] ?? []} />
      </Figures>,
    );
    await userEvent.setup().click(screen.getByRole('radio', { name: 'huddled' }));
    expect(state().plan?.schools).toEqual({ 'roosts.length': 'roosts.length.huddled' });
    expect(state().assessment?.carries).toBe(8);
  });
});

test('a finding tells its numbers, each with its working under it', async () => {
  const { assessment } = state();
  const finding = assessment?.findings.find((f) => f.code === 'roosts.bar.nearWall');
  if (!assessment || !finding) throw new Error('no finding');
  render(
    <Figures assessment={assessment} plan={plan}>
      <FindingList findings={[finding]} />
    </Figures>,
  );
  expect(screen.getByRole('listitem')).toHaveTextContent(
    'Tails rub, and droppings foul the wall. Rear bar: 16 cm from the wall; these birds need 38 cm.',
  );
  await userEvent.setup().click(screen.getByRole('button', { name: '38 cm' }));
  const working = await screen.findByRole('region', { name: 'Working' });
  expect(within(working).getByText(/38 cm × \(3\.2 kg ÷ 3\.2 kg\)\^\(1\/3\)/)).toBeInTheDocument();
  expect(within(working).getByText("keepers' rule", { exact: true })).toBeInTheDocument();
});
