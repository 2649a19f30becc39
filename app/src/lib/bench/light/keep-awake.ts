/** Asks the phone not to sleep while a page is open; one that cannot is none the worse. The answer lets it sleep again. */
export function keepAwake(): () => void {
  let lock: { release: () => Promise<void> } | undefined;
  const ask = () => {
    if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
    navigator.wakeLock.request('screen').then(
      (got) => (lock = got),
      () => undefined,
    );
  };
  ask();
  document.addEventListener('visibilitychange', ask);
  return () => {
    document.removeEventListener('visibilitychange', ask);
    void lock?.release();
  };
}
