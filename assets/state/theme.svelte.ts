export type ThemeName = 'booth' | 'daylight';

const KEY = 'rigger.theme';

/** Dark or light: the system's choice until the operator fixes one. */
class Theme {
  name = $state<ThemeName>(document.documentElement.dataset.theme === 'daylight' ? 'daylight' : 'booth');

  toggle(): void {
    this.name = this.name === 'booth' ? 'daylight' : 'booth';
    document.documentElement.dataset.theme = this.name;
    localStorage.setItem(KEY, this.name);
  }
}

export const theme = new Theme();
