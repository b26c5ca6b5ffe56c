'use client';

import { useNotice } from './use-notice';
import { App } from 'antd';
import { useCallback } from 'react';
import type { SheetFonts } from '@/data/exchange/sheet/pdf-canvas';
import { saveFile } from './save-file';
import { loadFonts } from './load-fonts';

/** Something to print: what its file is called, without an ending, and how it is set. */
export interface Sheet {
  readonly file: string;
  readonly make: (fonts: SheetFonts) => Promise<Uint8Array<ArrayBuffer>>;
}

/** What takes longer is said: the first sheet of a day fetches what sets it. */
const SAY_AFTER_MS = 400;

/** Gives a function that sets a sheet and hands it out as a PDF; what hinders it is said, and nothing else is lost. */
export function usePrint(): (sheet: Sheet) => Promise<void> {
  const { message } = App.useApp();
  const notice = useNotice();
  return useCallback(
    async ({ file, make }: Sheet) => {
      let hide: (() => void) | undefined;
      const saying = setTimeout(() => {
        hide = message.loading('The sheet is being set.', 0);
      }, SAY_AFTER_MS);
      try {
        saveFile(`${file}.pdf`, await make(await loadFonts()), 'application/pdf');
      } catch (error) {
        const why = error instanceof Error ? error.message : String(error);
        notice.error(`The sheet was not made: ${why}. Load the page again and ask once more.`, 6);
      } finally {
        clearTimeout(saying);
        hide?.();
      }
    },
    [message, notice],
  );
}
