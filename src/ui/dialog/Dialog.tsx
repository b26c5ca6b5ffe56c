'use client';

import { Modal, type ModalProps } from 'antd';
import { useEffect, useRef, useState } from 'react';

const FIELDS = 'input:not([type="hidden"]):not([type="file"]), textarea';

/**
 * A dialog that begins at its first field, where there is a keyboard to type with, and gives the focus back to what
 * opened it when it goes.
 */
export function Dialog({ afterOpenChange, children, ...rest }: ModalProps) {
  const [opener] = useState(() => (typeof document === 'undefined' ? null : document.activeElement));
  const body = useRef<HTMLDivElement>(null);
  useEffect(
    () => () => {
      // What goes on to another dialog, or has moved the focus on by itself, is let be.
      if (opener instanceof HTMLElement && opener.isConnected && isNowhere(document.activeElement))
        opener.focus();
    },
    [opener],
  );
  return (
    <Modal
      {...rest}
      afterOpenChange={(isOpen) => {
        afterOpenChange?.(isOpen);
        if (isOpen && window.matchMedia('(pointer: fine)').matches) beginIn(body.current);
      }}
    >
      <div ref={body}>{children}</div>
    </Modal>
  );
}

function beginIn(body: HTMLElement | null): void {
  if (body === null || (body.contains(document.activeElement) && document.activeElement?.matches(FIELDS)))
    return;
  const first = [...body.querySelectorAll<HTMLInputElement>(FIELDS)].find(
    ({ disabled, readOnly }) => !disabled && !readOnly,
  );
  first?.focus();
}

/** The focus is on nothing of the page: on the page itself, or within a dialog that is going. */
function isNowhere(element: Element | null): boolean {
  return (
    element === null ||
    element === document.body ||
    element.closest('.ant-modal-wrap') !== null ||
    !element.isConnected
  );
}
