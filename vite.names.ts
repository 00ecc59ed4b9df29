/** A class is called after its sheet and its own name, so that two sheets may use the same word. */
export const generateScopedName = (name: string, file: string): string =>
  `${file.replace(/^.*\//, '').replace(/\.module\.css.*$/, '')}-${name}`;
