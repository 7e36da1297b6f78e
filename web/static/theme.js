// Before anything is painted: the theme chosen on this device, if one was.
try {
  const chosen = localStorage.getItem('aggrega-theme');
  if (chosen === 'day' || chosen === 'night') document.documentElement.dataset.theme = chosen;
} catch {
  // Without storage the device's own preference holds.
}
