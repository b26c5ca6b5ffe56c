const PREFIX = 'ruvek-draft-';

/** A form half filled in, kept on this screen until it is written or thrown away. */
export function readDraft(storage: Pick<Storage, 'getItem'>, form: string): unknown {
  try {
    return JSON.parse(storage.getItem(PREFIX + form) ?? 'null');
  } catch {
    return null;
  }
}

export function keepDraft(storage: Pick<Storage, 'setItem'>, form: string, draft: unknown): void {
  storage.setItem(PREFIX + form, JSON.stringify(draft));
}

export function dropDraft(storage: Pick<Storage, 'removeItem'>, form: string): void {
  storage.removeItem(PREFIX + form);
}
