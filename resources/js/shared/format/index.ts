export { choose, optionWords, priceWords, repriced, valueOf } from './options';
export { articleWords, dealt } from './articles';
export { dayWords } from './day';
export { tableText } from './table';

/** Words of a text that stand apart by blanks, commas or semicolons: `R1, R2 C3`. */
export function words(text: string): string[] {
  return text.split(/[\s,;]+/u).filter((word) => word !== '');
}

/** Names that may hold blanks, apart by commas. */
export function listed(text: string): string[] {
  return text
    .split(/[,;]/u)
    .map((name) => name.trim())
    .filter((name) => name !== '');
}

const THIN = '\u2009';

/** Minutes of work in words of a clock: `46 min`, `1 h 3 min`. */
export function minutes(value: number): string {
  const whole = Math.round(value);
  if (whole < 60) return `${String(whole)}${THIN}min`;
  const rest = whole % 60;
  return `${String(Math.floor(whole / 60))}${THIN}h${rest === 0 ? '' : ` ${String(rest)}${THIN}min`}`;
}

/** Millimetres with one decimal, two where one would hide the difference. */
export function millimetres(value: number): string {
  const text = Math.abs(value * 10 - Math.round(value * 10)) < 1e-6 ? value.toFixed(1) : value.toFixed(2);
  return `${text}${THIN}mm`;
}

export function degrees(value: number): string {
  return `${value.toFixed(1)}°`;
}

/** A share of one as percent, with one decimal below ten. */
export function percent(value: number): string {
  const text = 100 * value;
  return `${text < 10 && text !== 0 ? text.toFixed(1) : String(Math.round(text))}${THIN}%`;
}

/** Minor units as an amount of money. */
export function money(minor: number, currency: string): string {
  return `${(minor / 100).toFixed(2)}${THIN}${currency}`;
}
