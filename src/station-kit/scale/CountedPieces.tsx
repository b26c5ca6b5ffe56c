'use client';

import { Button } from 'antd';

interface CountedPiecesProps {
  readonly name: string;
  /** What the packs that came say. */
  readonly said: number;
  readonly counted: number | undefined;
  readonly onWeigh: () => void;
  readonly onAsSaid: () => void;
}

/** How many pieces truly came, by the scale; else as many as the packs say. */
export function CountedPieces({ name, said, counted, onWeigh, onAsSaid }: CountedPiecesProps) {
  if (counted === undefined) {
    return (
      <Button size="small" aria-label={`Weigh what came of ${name}`} onClick={onWeigh}>
        Weigh
      </Button>
    );
  }
  return (
    <small>
      {counted} counted{counted === said ? '' : `, the packs say ${said}`}{' '}
      <Button size="small" type="text" onClick={onAsSaid}>
        As the packs say
      </Button>
    </small>
  );
}
