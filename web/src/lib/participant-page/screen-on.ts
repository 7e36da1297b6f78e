/** Keeps the screen from going dark while a sheet is read at the machine. */

/** Asks for it now, and again whenever the page is looked at anew; `told` hears whether it is granted. Returns what ends it. */
export function keepScreenOn(told: (on: boolean) => void): () => void {
  let held: WakeLockSentinel | undefined;
  let over = false;
  async function ask() {
    if (over || document.visibilityState !== 'visible') return;
    try {
      // Absent in older browsers, refused where the battery is low: the screen then does as it likes.
      held = await navigator.wakeLock?.request('screen');
      if (over) return void held?.release();
      held?.addEventListener('release', () => told(false));
      told(held !== undefined);
    } catch {
      told(false);
    }
  }
  document.addEventListener('visibilitychange', ask);
  void ask();
  return () => {
    over = true;
    document.removeEventListener('visibilitychange', ask);
    void held?.release();
  };
}
