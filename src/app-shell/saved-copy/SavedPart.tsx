'use client';

import { Button, Input, Switch } from 'antd';
import { canChooseFolder } from '@/data/device/kept-folder';
import { useBench } from '@/station-kit/BenchProvider';
import { inBackground } from '@/station-kit/in-background';
import { setPreferences, usePreferences } from '@/station-kit/preferences-store';
import { momentText } from '@/text/date-text';
import { wrap } from '@/ui/layout/layout';
import menu from '../bench-menu.module.css';
import type { CopyKeeping } from './copy-keeping';
import { useCopyStatus, type CopyStatus } from './copy-status';
import { keepingNow } from './keeping-now';
import styles from './saved-copy.module.css';

function standing({ is, folder, savedAt, why }: CopyStatus): string {
  const where = folder === null ? 'in the browser itself' : `in your folder ${folder}`;
  switch (is) {
    case 'off':
      return 'This browser keeps no copies by itself here. Open Ruvek by HTTPS or on this machine, or back up to a file.';
    case 'paused':
      return `The browser wants to be asked again before it writes to ${folder ?? 'your folder'}. Until then copies lie in the browser itself.`;
    case 'failed':
      return `The last copy was not written: ${why ?? 'no reason was given'}. It is tried again by itself.`;
    default:
      return savedAt === null
        ? `Every change will be copied within a minute, ${where}.`
        : `Last copied ${momentText(savedAt)}, ${where}.`;
  }
}

/** Where copies of the bench go by themselves, and whether other devices work from the same folder. */
export function SavedPart() {
  const { workshop } = useBench();
  const status = useCopyStatus();
  const { isFolderShared, deviceName } = usePreferences();
  const act = (deed: (keeping: CopyKeeping) => Promise<unknown>) =>
    inBackground(keepingNow(workshop.now).then(deed));
  const hasFolder = status.folder !== null;
  return (
    <section className={menu.part} aria-label="Automatic copies">
      <h3>Automatic copies</h3>
      <p role="status">{standing(status)}</p>
      {hasFolder || status.is === 'off' ? null : (
        <p className={menu.quiet}>
          When the browser’s storage is cleared, a copy in the browser goes with it. A folder of your own
          stays.
        </p>
      )}
      {status.is === 'off' ? null : (
        <div className={wrap(8, menu.row)}>
          {canChooseFolder() ? (
            <Button
              onClick={() =>
                act(async (keeping) => {
                  if (await keeping.choose()) await keeping.save();
                })
              }
            >
              {hasFolder ? 'Choose another folder' : 'Choose a folder'}
            </Button>
          ) : null}
          {status.is === 'paused' ? (
            <Button type="primary" onClick={() => act((keeping) => keeping.askAgain())}>
              Allow {status.folder}
            </Button>
          ) : null}
          <Button onClick={() => act((keeping) => keeping.save())}>Copy now</Button>
          {hasFolder ? (
            <Button onClick={() => act((keeping) => keeping.leaveFolder())}>Leave the folder</Button>
          ) : null}
        </div>
      )}
      {hasFolder ? (
        <div className={styles.shared}>
          <label htmlFor="folder-shared">My other devices work from this folder too</label>
          <Switch
            id="folder-shared"
            checked={isFolderShared}
            onChange={(isShared) => {
              setPreferences({ isFolderShared: isShared });
              if (isShared) act((keeping) => keeping.share());
            }}
          />
          {isFolderShared ? (
            <>
              <label htmlFor="device-name">This device is called</label>
              <Input
                id="device-name"
                maxLength={40}
                placeholder="Vise tablet"
                value={deviceName}
                onChange={(event) => setPreferences({ deviceName: event.target.value })}
              />
            </>
          ) : null}
          <p className={menu.quiet}>
            Let your own tool for folders keep it in step, or carry it on a stick. Each device lays its bench
            into it and takes in the others’; where two say different things, you are asked.
          </p>
        </div>
      ) : null}
    </section>
  );
}
