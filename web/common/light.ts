type Light = 'light' | 'dark';

const KEY = 'lupine-light';

/** Paper by day, a dim room by choice; kept for the next visit. */
export function startInRightLight(): void {
  document.documentElement.dataset.bsTheme = localStorage.getItem(KEY) === 'dark' ? 'dark' : 'light';
}

export function currentLight(): Light {
  return document.documentElement.dataset.bsTheme === 'dark' ? 'dark' : 'light';
}

export function switchLight(): Light {
  const light: Light = currentLight() === 'dark' ? 'light' : 'dark';
  document.documentElement.dataset.bsTheme = light;
  localStorage.setItem(KEY, light);
  return light;
}
