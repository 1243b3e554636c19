/** A number as it is typed, with a comma or a point; what is none is refused by who takes it. */
export const numberOf = (text: string | undefined): number => {
  const plain = (text ?? '').trim().replace(',', '.');
  return plain === '' ? Number.NaN : Number(plain);
};
