'use client';

import { Segmented as Plain, type SegmentedProps } from 'antd';
import { useId } from 'react';

/**
 * A choice among a few. It is one stop of the Tab key: the choice that is made, and arrow keys go on from there; without a name
 * its frame and each of its choices would be a stop of their own.
 */
export function Segmented<Value>(props: SegmentedProps<Value>) {
  return <Plain<Value> name={useId()} tabIndex={-1} {...props} />;
}
