'use client';

import { Dialog } from '@/ui/dialog/Dialog';
import type { StationDefinition } from '@/station-kit/station-definition';
import { keyLists } from './keys';
import styles from './keys-help.module.css';

interface KeysHelpProps {
  readonly stations: readonly StationDefinition[];
  readonly onClose: () => void;
}

/** The list of keys, as the stations have them. */
export function KeysHelp({ stations, onClose }: KeysHelpProps) {
  return (
    <Dialog open title="Keys" onCancel={onClose} footer={null} width={520}>
      {keyLists(stations).map(({ of, lines }) => (
        <section key={of} className={styles.group} aria-label={`Keys, ${of}`}>
          <h3>{of}</h3>
          <dl className={styles.keys}>
            {lines.map(({ shows, does }) => (
              <div key={`${shows} ${does}`}>
                <dt>{shows}</dt>
                <dd>{does}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
    </Dialog>
  );
}
