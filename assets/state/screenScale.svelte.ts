const KEY = 'rigger.screen-ruler';

/** Screens say a millimetre as they please: what somebody measured on this one puts it right. */
class ScreenScale {
  /** How long the 100 mm of a ruler came out, in millimetres, as typed. */
  measured = $state(localStorage.getItem(KEY) ?? '100');

  readonly factor = $derived.by(() => {
    const length = Number(this.measured.replace(',', '.'));
    return length >= 30 && length <= 300 ? 100 / length : 1;
  });

  measure(text: string): void {
    this.measured = text;
    localStorage.setItem(KEY, text);
  }
}

export const screenScale = new ScreenScale();
