import { describe, expect, it } from 'vitest';

const sheets = import.meta.glob<string>('/resources/js/**/*.css', { query: '?raw', import: 'default', eager: true });
const components = import.meta.glob<string>(['/resources/js/**/*.tsx', '!/**/*.test.tsx'], {
  query: '?raw',
  import: 'default',
  eager: true,
});
const short = (file: string) => file.replace('/resources/js/', '');
const modules = Object.keys(sheets).filter((file) => file.endsWith('.module.css'));
const read = (file: string) => sheets[file] ?? components[file] ?? '';
/** Where an import leads to. */
const led = (from: string, at: string) =>
  new URL(from.startsWith('@/') ? `/resources/js/${from.slice(2)}` : from, `file://${at}`).pathname;
/** Selectors of a sheet, without what stands between braces. */
const selectors = (sheet: string) =>
  sheet
    .replace(/\/\*.*?\*\//gs, '')
    .replace(/'[^']*'/g, '')
    .replace(/@media[^{]*\{|@font-face\s*\{[^}]*\}|@keyframes[^{]*\{(?:[^{}]*\{[^{}]*\})*\s*\}/g, '')
    .replace(/\{[^{}]*\}|\}/g, '\n')
    .split('\n')
    .flatMap((line) => line.split(','))
    .map((line) => line.trim())
    .filter((line) => line !== '');

/** What a sheet says about elements that are not its component's. */
function leaks(sheet: string): string[] {
  return selectors(sheet).filter((selector) => {
    const own = /^[^:]*\.[\w-]/.test(selector.split(':global(')[0] ?? '');
    return !own;
  });
}
const classes = (sheet: string) =>
  new Set(
    selectors(sheet)
      .join(' ')
      .replace(/:global\([^)]*\)/g, '')
      .match(/\.[a-zA-Z][\w-]*/g)
      ?.map((name) => name.slice(1)),
  );

describe('styles live with their component', () => {
  it('knows a rule that reaches another room', () => {
    expect(leaks('.chips { gap: 3px; }\n.watch b, td { height: 2px; }')).toEqual(['td']);
    expect(leaks(':global(.watch) { font-size: 58px; }')).toEqual([':global(.watch)']);
    expect(leaks('.drawing :global(.lit .body) { fill: red; }')).toEqual([]);
    expect(leaks('@media print { .app { display: none; } h1 { margin: 0; } }')).toEqual(['h1']);
  });

  it.each(modules)('%s begins every rule with a class of its own', (file) => {
    expect(leaks(read(file))).toEqual([]);
  });

  it('has two sheets for elements, and no class in them', () => {
    const plain = Object.keys(sheets).filter((file) => !modules.includes(file));
    expect(plain.map(short).sort()).toEqual(['builder/page.css', 'shared/style/tokens.css']);
    expect(plain.flatMap((file) => [...classes(read(file))])).toEqual([]);
  });

  it('calls no two sheets the same, since classes are named after them', () => {
    const names = modules.map((file) => file.replace(/.*\//, ''));
    expect(names.filter((name, index) => names.indexOf(name) !== index)).toEqual([]);
  });

  it('gives an element no class that is not from a sheet', () => {
    const plain = Object.keys(components).filter((file) => read(file).includes('className="'));
    expect(plain.map(short)).toEqual([]);
  });

  it('uses what it names, and names what it uses', () => {
    const used = new Map<string, Set<string>>();
    const open = new Set<string>();
    const unknown: string[] = [];
    for (const file of Object.keys(components)) {
      const text = read(file);
      for (const [, name = '', from = ''] of text.matchAll(/^import (\w+) from '([^']+\.module\.css)';/gm)) {
        const sheet = led(from, file);
        const known = classes(read(sheet));
        const seen = used.get(sheet) ?? new Set<string>();
        for (const [, key = ''] of text.matchAll(new RegExp(`\\b${name}\\['([\\w-]+)'\\]`, 'g'))) {
          seen.add(key);
          if (!known.has(key)) unknown.push(`${short(file)}: ${key}`);
        }
        // A name that is put together is one of a few; the sheet is not asked for those it does not see.
        if (new RegExp(`\\b${name}\\[[^']`).test(text)) open.add(sheet);
        used.set(sheet, seen);
      }
    }
    expect(unknown).toEqual([]);
    const idle = modules
      .filter((sheet) => !open.has(sheet))
      .flatMap((sheet) =>
        [...classes(read(sheet))].filter((key) => !used.get(sheet)?.has(key)).map((key) => `${short(sheet)}: ${key}`),
      );
    expect(idle).toEqual([]);
  });
});
