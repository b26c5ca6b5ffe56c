import Dexie, { type EntityTable } from 'dexie';

/** Asked of the browser; not all that lib.dom knows. */
interface AskableFolder extends FileSystemDirectoryHandle {
  queryPermission?(of: { readonly mode: 'readwrite' }): Promise<PermissionState>;
  requestPermission?(of: { readonly mode: 'readwrite' }): Promise<PermissionState>;
}

interface Folder {
  readonly id: 'copies';
  readonly handle: FileSystemDirectoryHandle;
}

/** What this device keeps for itself and cannot write as text: handles to the maker's folders. */
class DeviceDatabase extends Dexie {
  folders!: EntityTable<Folder, 'id'>;

  constructor() {
    super('ruvek-device');
    this.version(1).stores({ folders: 'id' });
  }
}

let database: DeviceDatabase | null = null;
const open = () => (database ??= new DeviceDatabase());

/** The folder that the maker chose for copies; null where none was. */
export async function keptFolder(): Promise<FileSystemDirectoryHandle | null> {
  return (await open().folders.get('copies'))?.handle ?? null;
}

export async function keepFolder(handle: FileSystemDirectoryHandle | null): Promise<void> {
  if (handle) await open().folders.put({ id: 'copies', handle });
  else await open().folders.delete('copies');
}

/** Whether the browser lets it be written to now; `ask` may show its question, and is for a press of the maker's. */
export async function mayWrite(handle: FileSystemDirectoryHandle, how: 'look' | 'ask'): Promise<boolean> {
  const folder: AskableFolder = handle;
  const mode = { mode: 'readwrite' } as const;
  const state = how === 'ask' ? await folder.requestPermission?.(mode) : await folder.queryPermission?.(mode);
  return (state ?? 'granted') === 'granted';
}

type Picker = (options: {
  readonly mode: 'readwrite';
  readonly id: string;
}) => Promise<FileSystemDirectoryHandle>;

/** Whether this browser lets the maker choose a folder. */
export const canChooseFolder = (): boolean => 'showDirectoryPicker' in window;

/** The folder that the maker chooses; null where the choosing was called off. */
export async function chooseFolder(): Promise<FileSystemDirectoryHandle | null> {
  const { showDirectoryPicker } = window as unknown as { showDirectoryPicker: Picker };
  try {
    return await showDirectoryPicker.call(window, { mode: 'readwrite', id: 'ruvek' });
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') return null;
    throw error;
  }
}
