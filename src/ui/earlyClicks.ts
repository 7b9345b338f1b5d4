/** Buttons that were pressed before the browser had taken the page over. */
interface Early {
  readonly pressed: HTMLElement[];
  stop(): void;
}

declare global {
  interface Window {
    earlyClicks?: Early;
  }
}

/** Runs as the page is read: what is pressed before the page answers is noted, and pressed again when it does. */
export const NOTE_EARLY_CLICKS = `(function () {
  var pressed = [];
  var note = function (event) {
    var button = event.target.closest && event.target.closest('button');
    if (button) pressed.push(button);
  };
  document.addEventListener('click', note, true);
  window.earlyClicks = {
    pressed: pressed,
    stop: function () { document.removeEventListener('click', note, true); },
  };
})();`;

/** Presses again what was pressed too early, in its order. */
export function pressEarlyClicks(): void {
  const early = window.earlyClicks;
  if (!early) return;
  early.stop();
  for (const button of early.pressed.splice(0)) if (button.isConnected) button.click();
}
