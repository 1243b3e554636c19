// Before the first paint: the theme that was chosen, or the system's.
(function () {
  var kept = null;
  try {
    kept = localStorage.getItem('rigger.theme');
  } catch {
    kept = null; // Storage may be closed; the system's choice then holds.
  }
  var dark = kept ? kept === 'booth' : !matchMedia('(prefers-color-scheme: light)').matches;
  document.documentElement.dataset.theme = dark ? 'booth' : 'daylight';
})();
