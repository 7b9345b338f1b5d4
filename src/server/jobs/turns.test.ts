import { Turns } from './turns';

interface Task {
  readonly kind: string;
  readonly id: number;
}
const task = (kind: string, id: number): Task => ({ kind, id });
const all = (turns: Turns<Task>): string[] => {
  const served: string[] = [];
  for (let next = turns.shift(); next; next = turns.shift()) {
    served.push(`${next.kind} ${next.id}`);
  }
  return served;
};

test('kinds of work take turns; of one kind the first to come goes first', () => {
  const turns = new Turns<Task>();
  for (let i = 1; i <= 4; i++) turns.push(task('rough', i));
  turns.push(task('drawing', 5));
  turns.push(task('card', 6));
  turns.push(task('drawing', 7));
  expect(turns.size).toBe(7);
  expect(all(turns)).toEqual([
    'rough 1',
    'drawing 5',
    'card 6',
    'rough 2',
    'drawing 7',
    'rough 3',
    'rough 4',
  ]);
  expect(turns.size).toBe(0);
  expect(turns.shift()).toBeNull();
});

test('a kind that has just been served does not come first again because more of it comes', () => {
  const turns = new Turns<Task>();
  turns.push(task('rough', 1));
  turns.push(task('rough', 2));
  turns.push(task('card', 3));
  expect(turns.shift()?.id).toBe(1);
  turns.push(task('rough', 4));
  expect(all(turns)).toEqual(['card 3', 'rough 2', 'rough 4']);
});

test('who has left is not served', () => {
  const turns = new Turns<Task>();
  const left = task('rough', 1);
  turns.push(left);
  turns.push(task('rough', 2));
  turns.remove(left);
  turns.remove(task('never', 9));
  expect(all(turns)).toEqual(['rough 2']);
});
