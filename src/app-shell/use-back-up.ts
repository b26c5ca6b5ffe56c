import { useNotice } from '@/station-kit/use-notice';
import dayjs from 'dayjs';
import { useBench } from '@/station-kit/BenchProvider';
import { setPreferences } from '@/station-kit/preferences-store';
import { saveFile } from '@/station-kit/save-file';

/** On a phone, where sharing is how a file leaves the browser, to its share sheet; else to the downloads. False where that was called off. */
async function shareOrSave(name: string, text: string): Promise<boolean> {
  const files = [new File([text], name, { type: 'application/json' })];
  const isTouch = matchMedia('(pointer: coarse)').matches;
  if (!isTouch || typeof navigator.canShare !== 'function' || !navigator.canShare({ files })) {
    saveFile(name, text, 'application/json');
    return true;
  }
  try {
    await navigator.share({ files, title: name });
    return true;
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') return false;
    throw error;
  }
}

/** Saves the whole bench to a file, and notes that it was. */
export function useBackUp(): () => Promise<void> {
  const { workshop } = useBench();
  const notice = useNotice();
  return async () => {
    const file = await workshop.backup.save();
    const name = `ruvek-bench-${dayjs(file.savedAt).format('YYYY-MM-DD-HHmm')}.json`;
    if (!(await shareOrSave(name, JSON.stringify(file)))) return;
    setPreferences({ backedUpAt: file.savedAt });
    notice.success('The bench is saved to a file.');
  };
}
