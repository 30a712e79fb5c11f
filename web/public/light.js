// Before anything is drawn: the light that was chosen for this device, so that no white page flashes at night.
(() => {
  let wanted = 'system';
  try {
    wanted = localStorage.getItem('emberfield-theme') ?? 'system';
  } catch {
    // A browser that keeps nothing shows what the system says.
  }
  const dark = matchMedia('(prefers-color-scheme: dark)').matches;
  document.documentElement.dataset.theme = wanted === 'system' ? (dark ? 'night' : 'day') : wanted;
})();
