type Option = { name: string; values: readonly string[]; default: string };

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
