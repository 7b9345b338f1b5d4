import { placeLeft, wayUp } from './placeLeft';

const page = (html: string): void => {
  document.body.innerHTML = `<main>${html}</main>`;
};
const find = (selector: string): HTMLElement => {
  const found = document.querySelector<HTMLElement>(selector);
  if (!found) throw new Error(`no ${selector}`);
  return found;
};
const gone = (focused: string, taken: string): HTMLElement | null => {
  const way = wayUp(find(focused));
  find(taken).remove();
  return placeLeft(way);
};

test('a row taken out leaves the focus to the row that stands in its place, or to the last', () => {
  const rows =
    '<ul><li id="a"><button id="a1">x</button></li><li id="b"><button id="b1">y</button></li></ul>';
  page(rows);
  expect(gone('#a1', '#a')?.id).toBe('b1');
  page(rows);
  expect(gone('#b1', '#b')?.id).toBe('a1');
});

test('the only row taken out leaves it to what stands beside the list, never to what is shut or hidden', () => {
  page(
    '<section><h2 tabindex="-1" id="h">Bars</h2><ul><li id="a"><button id="a1">x</button></li></ul>' +
      '<details><summary id="s">more</summary><button id="in">in</button></details></section>',
  );
  expect(gone('#a1', '#a')?.id).toBe('s');
  page('<section><h2 tabindex="-1" id="h">Bars</h2><p><button id="a1">x</button></p></section>');
  expect(gone('#a1', 'p')?.id).toBe('h');
});

test('where the whole page is another there is no place, and none is made up', () => {
  page('<button id="a1">x</button>');
  expect(gone('#a1', 'main')).toBeNull();
});
