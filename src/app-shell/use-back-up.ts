import { useNotice } from '@/station-kit/use-notice';
import dayjs from 'dayjs';
import { useBench } from '@/station-kit/BenchProvider';
import { setPreferences } from '@/station-kit/preferences-store';
import { saveFile } from '@/station-kit/save-file';

/** Saves the whole bench to a file, and notes that it was. */
export function useBackUp(): () => Promise<void> {
  const { workshop } = useBench();
  const notice = useNotice();
  return async () => {
    const file = await workshop.backup.save();
    const name = `ruvek-bench-${dayjs(file.savedAt).format('YYYY-MM-DD-HHmm')}.json`;
    saveFile(name, JSON.stringify(file), 'application/json');
    setPreferences({ backedUpAt: file.savedAt });
    notice.success('The bench is in your downloads.');
  };
}
