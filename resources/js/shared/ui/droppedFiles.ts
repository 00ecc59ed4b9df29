const MOST = 40;

function read(entry: FileSystemFileEntry): Promise<File> {
  return new Promise((resolve, reject) => {
    entry.file(resolve, reject);
  });
}

function list(folder: FileSystemDirectoryEntry): Promise<FileSystemEntry[]> {
  return new Promise((resolve, reject) => {
    folder.createReader().readEntries(resolve, reject);
  });
}

async function filesOf(entry: FileSystemEntry): Promise<File[]> {
  if (entry.isFile) return [await read(entry as FileSystemFileEntry)];
  const inside = await list(entry as FileSystemDirectoryEntry);
  // A kit folder is flat; what lies deeper does not belong to it.
  return Promise.all(
    inside
      .filter((each) => each.isFile)
      .slice(0, MOST)
      .map((each) => read(each as FileSystemFileEntry)),
  );
}

/** Tables, layers, drill files and nets, drawings, texts. */
const ENDINGS = [
  'csv|tsv|txt|xlsx|json|zip',
  'g[bekmtx][a-z0-9]|art|pho|drl|drd|xln|exc|tap|nc|ncd|cnc|ipc|d?356|net',
  'svg|pdf|odt|docx|md',
];
const KIT_FILE = new RegExp(`\\.(${ENDINGS.join('|')})$`, 'i');
/** As many as are taken at once. */
const TAKEN = 20;

/** The files of a drop; of a dropped folder those that can belong to a kit. */
export async function droppedFiles(data: DataTransfer): Promise<File[]> {
  const plain = [...data.files];
  const entries = [...data.items].map((item) => item.webkitGetAsEntry()).filter((entry) => entry !== null);
  if (!entries.some((entry) => entry.isDirectory)) return plain;
  return (await Promise.all(entries.map(filesOf)))
    .flat()
    .filter((file) => KIT_FILE.test(file.name))
    .slice(0, TAKEN);
}
