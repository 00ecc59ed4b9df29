import { describe, expect, it } from 'vitest';
import { droppedFiles } from './droppedFiles';

const file = (name: string) => new File(['x'], name);
const fileEntry = (name: string) => ({
  isFile: true,
  isDirectory: false,
  file: (done: (file: File) => void) => {
    done(file(name));
  },
});
const folder = (...names: string[]) => ({
  isFile: false,
  isDirectory: true,
  createReader: () => ({
    readEntries: (done: (entries: unknown[]) => void) => {
      done([...names.map(fileEntry), { isFile: false, isDirectory: true }]);
    },
  }),
});
const drop = (files: File[], entries: unknown[]) =>
  ({ files, items: entries.map((entry) => ({ webkitGetAsEntry: () => entry })) }) as unknown as DataTransfer;

describe('dropped files', () => {
  it('are taken as they are', async () => {
    const list = await droppedFiles(drop([file('a.csv'), file('b.zip')], [fileEntry('a.csv'), fileEntry('b.zip')]));
    expect(list.map((each) => each.name)).toEqual(['a.csv', 'b.zip']);
  });

  it('of a folder are those of its boards too', async () => {
    const names = ['b.gto', 'b.GBR', 'holes.drl', 'nets.ipc', 'nets.356', 'front.art', 'notes.exe', 'face.gif'];
    const list = await droppedFiles(drop([], [folder(...names)]));
    expect(list.map((each) => each.name)).toEqual(names.slice(0, 6));
  });

  it('of a folder are those that can belong to a kit', async () => {
    const list = await droppedFiles(drop([], [folder('kit.json', 'bom.csv', 'photo.jpg', 'placements.csv')]));
    expect(list.map((each) => each.name)).toEqual(['kit.json', 'bom.csv', 'placements.csv']);
  });
});
