import { nanoid } from 'nanoid';
import { askKeeper, canKeepCopies, type Place } from '@/data/copy/keeper';
import { watchChanges } from '@/data/copy/watch-changes';
import { chooseFolder, keepFolder, keptFolder, mayWrite } from '@/data/device/kept-folder';
import { readPreferencesNow, setPreferences } from '@/station-kit/preferences-store';
import { slug } from '@/text/slug';
import { readCopyStatus, setCopyStatus } from './copy-status';

/** A change is in its copy so long after; many changes together, since the first of them. */
const SAVE_AFTER_MS = 15_000;
const SHARE_EVERY_MS = 30_000;
const TRY_AGAIN_MS = 60_000;

const wordsOf = (error: unknown) => (error instanceof Error ? error.message : String(error));
const isRefused = (error: unknown) => error instanceof DOMException && error.name === 'NotAllowedError';

/** A mark that no other device of the maker's has: its files are known by it, however it is called. */
function markOfDevice(): string {
  const { deviceMark } = readPreferencesNow();
  const mark =
    deviceMark ||
    nanoid(6)
      .toLowerCase()
      .replaceAll(/[^a-z0-9]/g, 'x');
  if (!deviceMark) setPreferences({ deviceMark: mark });
  return mark;
}

/** What this device's files are called in a shared folder. */
function deviceOf(): string {
  const { deviceName } = readPreferencesNow();
  const name = deviceName.trim() === '' ? 'device' : slug(deviceName).slice(0, 40);
  return `${name}-${markOfDevice()}`;
}

/** Keeps a copy of the bench in step for as long as the page is open. */
export class CopyKeeping {
  #folder: FileSystemDirectoryHandle | null = null;
  #mayWrite = false;
  #timer: ReturnType<typeof setTimeout> | null = null;
  #isBusy = false;
  #isLeaving = false;

  constructor(private readonly now: () => number) {}

  async start(): Promise<void> {
    if (!canKeepCopies()) return;
    setCopyStatus({ is: 'idle' });
    watchChanges(() => this.#changed());
    setInterval(() => this.shareSoon(), SHARE_EVERY_MS);
    document.addEventListener('visibilitychange', () => {
      if (document.visibilityState === 'visible') this.shareSoon();
      // A page that is left for good has no time for it.
      else if (this.#timer !== null && !this.#isLeaving) this.#saveInBackground();
    });
    window.addEventListener('pagehide', () => (this.#isLeaving = true));
    window.addEventListener('pageshow', () => (this.#isLeaving = false));
    this.#folder = await keptFolder();
    if (!this.#folder) return;
    this.#mayWrite = await mayWrite(this.#folder, 'look');
    setCopyStatus({ folder: this.#folder.name, is: this.#mayWrite ? 'idle' : 'paused' });
    this.shareSoon();
  }

  /** Where copies go now: the folder while it may be written to, else the browser's own. */
  get place(): Place {
    return this.#mayWrite ? this.#folder : null;
  }

  #changed(): void {
    if (!readPreferencesNow().isKeepingAsked) {
      setPreferences({ isKeepingAsked: true });
      navigator.storage.persist().catch(() => undefined);
    }
    this.#timer ??= setTimeout(() => this.#saveInBackground(), SAVE_AFTER_MS);
  }

  #saveInBackground(): void {
    this.save().catch((error: unknown) => {
      setCopyStatus({ is: 'failed', why: wordsOf(error) });
      this.#timer ??= setTimeout(() => this.#saveInBackground(), TRY_AGAIN_MS);
    });
  }

  /** Saves now; what changes meanwhile is saved after. */
  async save(): Promise<void> {
    if (this.#timer !== null) clearTimeout(this.#timer);
    this.#timer = null;
    if (this.#isBusy) {
      this.#timer = setTimeout(() => this.#saveInBackground(), SAVE_AFTER_MS);
      return;
    }
    this.#isBusy = true;
    setCopyStatus({ is: 'saving' });
    try {
      const isShared = this.place !== null && readPreferencesNow().isFolderShared;
      const saved = await askKeeper((keeping) =>
        keeping.save(this.place, isShared ? markOfDevice() : null, this.now()),
      );
      const isPaused = this.#folder !== null && !this.#mayWrite;
      if (saved.is === 'saved') {
        setCopyStatus({ is: isPaused ? 'paused' : 'saved', savedAt: saved.at, why: null });
      } else if (saved.is === 'bare') setCopyStatus({ is: isPaused ? 'paused' : 'idle' });
      else setCopyStatus({ is: 'failed', why: 'what was written did not read back' });
    } catch (error) {
      if (!isRefused(error)) throw error;
      // The browser took back what it had given: copies go on in the browser itself.
      this.#mayWrite = false;
      setCopyStatus({ is: 'paused' });
      this.#timer = setTimeout(() => this.#saveInBackground(), SAVE_AFTER_MS);
    } finally {
      this.#isBusy = false;
    }
    if (readCopyStatus().is === 'saved') await this.share();
  }

  shareSoon(): void {
    this.share().catch((error: unknown) => setCopyStatus({ is: 'failed', why: wordsOf(error) }));
  }

  /** Takes in what other devices laid into the folder, and lays this one's bench there. */
  async share(): Promise<void> {
    if (!readPreferencesNow().isFolderShared || this.place === null || this.#isBusy) return;
    this.#isBusy = true;
    try {
      const { questions } = await askKeeper((keeping) => keeping.share(this.place, deviceOf(), this.now()));
      setCopyStatus({ questions });
    } finally {
      this.#isBusy = false;
    }
  }

  /** Another device's bench that waits for an answer. */
  questionOf = (name: string) => askKeeper((keeping) => keeping.sharedBench(this.place, name));

  /** Lets the maker choose the folder that copies go to; false where that was called off. */
  async choose(): Promise<boolean> {
    const handle = await chooseFolder();
    if (!handle) return false;
    await keepFolder(handle);
    this.#folder = handle;
    this.#mayWrite = await mayWrite(handle, 'ask');
    setCopyStatus({ folder: handle.name, savedAt: null, is: this.#mayWrite ? 'idle' : 'paused' });
    return this.#mayWrite;
  }

  /** Asks the browser once more for the chosen folder; for a press of the maker's. */
  async askAgain(): Promise<boolean> {
    if (!this.#folder) return false;
    this.#mayWrite = await mayWrite(this.#folder, 'ask');
    if (this.#mayWrite) await this.save();
    return this.#mayWrite;
  }

  /** Copies go back to the browser itself. */
  async leaveFolder(): Promise<void> {
    await keepFolder(null);
    [this.#folder, this.#mayWrite] = [null, false];
    setPreferences({ isFolderShared: false });
    setCopyStatus({ folder: null, savedAt: null, is: 'idle', questions: [] });
  }

  /** The newest copy that reads: in the folder where one is chosen and open, else in the browser itself. */
  async newest() {
    if (!canKeepCopies()) return null;
    const { place } = this;
    const inFolder = place ? await askKeeper((keeping) => keeping.newest(place)) : null;
    return inFolder ?? askKeeper((keeping) => keeping.newest(null));
  }

  /** Puts the newest copy in place of the bench. */
  async bringBack(): Promise<boolean> {
    const { place } = this;
    const isInFolder = place !== null && (await askKeeper((keeping) => keeping.newest(place))) !== null;
    return askKeeper((keeping) => keeping.bringBack(isInFolder ? place : null, this.now()));
  }
}
