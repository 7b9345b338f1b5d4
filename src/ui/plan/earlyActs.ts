/** What was done on a page before the browser had taken it over. */
type Act =
  | { readonly kind: 'press' | 'enter'; readonly on: HTMLElement }
  | { readonly kind: 'key'; readonly on: HTMLElement; readonly key: KeyboardEventInit }
  | { readonly kind: 'type'; readonly on: HTMLInputElement; value: string }
  | { readonly kind: 'choose'; readonly on: HTMLSelectElement; readonly value: string }
  | { readonly kind: 'tick'; readonly on: HTMLInputElement; readonly checked: boolean };

interface Early {
  readonly acts: Act[];
  stop(): void;
}

declare global {
  interface Window {
    earlyActs?: Early;
  }
}

/**
 * Runs as the page is read: what is pressed, typed, chosen and entered before the page answers is noted, and done
 * again when it does. A text, since it has to run before any script has come.
 */
export const NOTE_EARLY_ACTS = `(function () {
  var acts = [];
  var notes = {
    click: function (target) {
      var button = target.closest('button');
      if (button) acts.push({ kind: 'press', on: button });
    },
    input: function (target) {
      if (!target.matches('input:not([type=checkbox]):not([type=radio])')) return;
      var last = acts[acts.length - 1];
      if (last && last.kind === 'type' && last.on === target) last.value = target.value;
      else acts.push({ kind: 'type', on: target, value: target.value });
    },
    change: function (target) {
      if (target.matches('select')) acts.push({ kind: 'choose', on: target, value: target.value });
      else if (target.matches('[type=checkbox]')) {
        acts.push({ kind: 'tick', on: target, checked: target.checked });
      }
    },
    keydown: function (target, event) {
      if (target.matches('input')) {
        if (event.key === 'Enter') acts.push({ kind: 'enter', on: target });
      } else if (!target.matches('select, textarea') && event.key !== 'Tab') {
        var key = { key: event.key, ctrlKey: event.ctrlKey, metaKey: event.metaKey, shiftKey: event.shiftKey };
        acts.push({ kind: 'key', on: target, key: key });
      }
    },
  };
  var note = function (event) {
    if (event.target.closest) notes[event.type](event.target, event);
  };
  for (var type in notes) document.addEventListener(type, note, true);
  window.earlyActs = {
    acts: acts,
    stop: function () {
      for (var type in notes) document.removeEventListener(type, note, true);
    },
  };
})();`;

/** Does again what was done too early, in its order, each when the one before has been taken in. */
export async function doEarlyActs(): Promise<void> {
  const early = window.earlyActs;
  if (!early) return;
  early.stop();
  for (const act of early.acts.splice(0)) {
    if (act.on.isConnected) doAgain(act);
    await new Promise((r) => setTimeout(r));
  }
}

function doAgain(act: Act): void {
  switch (act.kind) {
    case 'press':
      act.on.click();
      break;
    case 'enter':
      act.on.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
      break;
    case 'key':
      act.on.dispatchEvent(new KeyboardEvent('keydown', { ...act.key, bubbles: true }));
      break;
    case 'type':
      act.on.focus();
      give(HTMLInputElement, act.on, act.value, 'input');
      break;
    case 'choose':
      give(HTMLSelectElement, act.on, act.value, 'change');
      break;
    case 'tick':
      if (act.on.checked !== act.checked) act.on.click();
      break;
  }
}

/** Gives a field a value as a hand would: past what the page itself has set on it. */
function give(
  kind: typeof HTMLInputElement | typeof HTMLSelectElement,
  field: HTMLInputElement | HTMLSelectElement,
  value: string,
  event: 'input' | 'change',
): void {
  // what is typed already when the page takes the field over is taken for the field's own: it is typed anew
  field.value = value === '' ? '0' : '';
  Object.getOwnPropertyDescriptor(kind.prototype, 'value')?.set?.call(field, value);
  field.dispatchEvent(new Event(event, { bubbles: true }));
}
