'use client';

import { Dialog } from '@/ui/dialog/Dialog';
import { useEffect, useState } from 'react';
import type { BenchContents } from '@/records/bench-file';
import { useBench } from '@/station-kit/BenchProvider';
import { inBackground } from '@/station-kit/in-background';
import { JoinPreview } from '../JoinPreview';
import { useCopyStatus } from './copy-status';
import { keepingNow } from './keeping-now';

/** What another device's bench says otherwise than this one: the maker chooses, then both are one again. */
export function Questions({ onClose }: { readonly onClose: () => void }) {
  const { workshop } = useBench();
  const [question] = useCopyStatus().questions;
  const [contents, setContents] = useState<BenchContents | null>(null);
  const name = question?.name;
  useEffect(() => {
    let isLive = true;
    if (name === undefined) return undefined;
    inBackground(
      keepingNow(workshop.now)
        .then((keeping) => keeping.questionOf(name))
        .then((found) => {
          if (isLive) setContents(found);
        }),
    );
    return () => {
      isLive = false;
    };
  }, [workshop, name]);
  const done = () => {
    onClose();
    inBackground(keepingNow(workshop.now).then((keeping) => keeping.share()));
  };
  return (
    <Dialog open title="Changed on two devices" onCancel={onClose} footer={null} width={560}>
      {question && contents ? (
        <JoinPreview name={question.device} contents={contents} onDone={done} />
      ) : (
        <p role="status">Reading what the other device says.</p>
      )}
    </Dialog>
  );
}
