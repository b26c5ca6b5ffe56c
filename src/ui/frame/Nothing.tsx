'use client';

import { Button } from 'antd';
import { stack } from '../layout/layout';

interface NothingProps {
  /** Why nothing shows here yet, and what would. */
  readonly says: string;
  /** What the button says that mends it. */
  readonly mend: string;
  readonly onMend: () => void;
}

/** Where a page has nothing to show yet: what it is for, and the button that begins it. */
export function Nothing({ says, mend, onMend }: NothingProps) {
  return (
    <div className={stack(14, 'empty')}>
      <p>{says}</p>
      <Button type="primary" onClick={onMend}>
        {mend}
      </Button>
    </div>
  );
}
