type Option = {
  name: string;
  values: readonly string[];
  default: string;
  prices?: Readonly<Record<string, string>>;
};

/** The value chosen of one option. */
export function valueOf(option: Option, chosen: string): string {
  const pair = chosen.split(';').find((each) => each.startsWith(`${option.name}=`));
  return pair ? pair.slice(option.name.length + 1) : option.default;
}

/** The choice with one option changed: sorted by name, defaults left out. */
export function choose(options: readonly Option[], chosen: string, name: string, value: string): string {
  return options
    .map((option) => ({ option, value: option.name === name ? value : valueOf(option, chosen) }))
    .filter((each) => each.value !== each.option.default && each.option.values.includes(each.value))
    .map((each) => `${each.option.name}=${each.value}`)
    .sort()
    .join(';');
}

/** `box: drilled, power: jack` */
export function optionWords(chosen: string): string {
  return chosen.replaceAll('=', ': ').replaceAll(';', ', ');
}

/** `, +4.00`; nothing where a choice costs no more and no less. */
export function priceWords(price: string | undefined): string {
  if (price === undefined || Number(price) === 0) return '';
  return price.startsWith('-') ? `, \u2212${price.slice(1)}` : `, +${price}`;
}

/** Minor units that a choice adds to the price of a kit. */
function addedPrice(options: readonly Option[], chosen: string): number {
  return options.reduce(
    (sum, option) => sum + Math.round(100 * Number(option.prices?.[valueOf(option, chosen)] ?? 0)),
    0,
  );
}

/** A price that was typed for one choice, for another one; as it was where it is no price yet. */
export function repriced(price: string, options: readonly Option[], was: string, is: string): string {
  const typed = price.trim().replace(',', '.');
  const cents = Math.round(100 * Number(typed)) + addedPrice(options, is) - addedPrice(options, was);
  return typed === '' || !Number.isFinite(cents) || cents < 0 ? price : (cents / 100).toFixed(2);
}
