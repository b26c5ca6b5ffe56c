'use client';

import { Button } from 'antd';
import type { Job } from './use-job';

/** That heavy work came to nothing since its worker failed, and a way to try again; nothing while it did not. */
export function JobFailure({ job }: { readonly job: Pick<Job<unknown>, 'failure' | 'again'> }) {
  if (job.failure === null) return null;
  return (
    <p role="alert">
      This could not be worked out: {job.failure} Nothing was lost.{' '}
      <Button size="small" onClick={job.again}>
        Try again
      </Button>
    </p>
  );
}
