/** What is wrong with how a page lies on its screen, as it stands; runs within the page. */
export function faultsOfLayout(leastTargetPx: number): string[] {
  const faults: string[] = [];
  const CONTROLS =
    'button, a[href], input, select, textarea, [role="button"], [role="slider"], [role="tab"], .ant-segmented-item';
  const nameOf = (element: Element) =>
    `${element.tagName.toLowerCase()} "${(element.getAttribute('aria-label') ?? element.textContent ?? '').trim().slice(0, 40)}"`;

  /** What of an element is seen: its box within everything round it that cuts off what runs over. */
  const seenBox = (element: Element) => {
    const own = element.getBoundingClientRect();
    let box = { left: own.left, top: own.top, right: own.right, bottom: own.bottom };
    for (let at = element.parentElement; at && at !== document.body; at = at.parentElement) {
      const { overflowX, overflowY } = getComputedStyle(at);
      if (overflowX === 'visible' && overflowY === 'visible') continue;
      const round = at.getBoundingClientRect();
      box = {
        left: Math.max(box.left, round.left),
        top: Math.max(box.top, round.top),
        right: Math.min(box.right, round.right),
        bottom: Math.min(box.bottom, round.bottom),
      };
    }
    return box;
  };
  /** Stands over the page by itself, whatever is under it. */
  const isAfloat = (element: Element) => {
    for (let at: Element | null = element; at && at !== document.body; at = at.parentElement) {
      if (['sticky', 'fixed'].includes(getComputedStyle(at).position)) return true;
    }
    return false;
  };
  const isUnseen = (element: Element) => {
    const { visibility, opacity, clipPath } = getComputedStyle(element);
    return (
      // What is not drawn yet because it is far down the page has no place yet.
      !element.checkVisibility({ contentVisibilityAuto: true }) ||
      visibility === 'hidden' ||
      Number(opacity) === 0 ||
      clipPath !== 'none' ||
      element.closest('.unseen') !== null
    );
  };
  const root = document.documentElement;
  if (root.scrollWidth > root.clientWidth) {
    const over = [...document.querySelectorAll('body *')]
      .filter((element) => seenBox(element).right > root.clientWidth + 0.5)
      .map(nameOf);
    faults.push(
      `scrolls sideways, ${root.scrollWidth} px on a screen of ${root.clientWidth}: ${over.slice(0, 4).join(', ')}`,
    );
  }
  const controls = [...document.querySelectorAll(CONTROLS)].filter(
    // In a drawing things lie on things; what Ant Design draws over its own fields is no second control.
    (element) =>
      element.closest('svg, [data-to-scale], .ant-select, .ant-picker, .ant-slider') === null &&
      !isUnseen(element) &&
      !isAfloat(element),
  );
  const boxes = controls
    .map((element) => ({ element, box: seenBox(element) }))
    .filter(({ box }) => box.right - box.left > 1 && box.bottom - box.top > 1);
  const ROOM = 1.5;
  boxes.forEach(({ element, box }, index) => {
    for (const other of boxes.slice(index + 1)) {
      if (element.contains(other.element) || other.element.contains(element)) continue;
      const wide = Math.min(box.right, other.box.right) - Math.max(box.left, other.box.left);
      const high = Math.min(box.bottom, other.box.bottom) - Math.max(box.top, other.box.top);
      if (wide > ROOM && high > ROOM) faults.push(`${nameOf(element)} lies on ${nameOf(other.element)}`);
    }
  });
  const TARGETS = 'button, a[href], .ant-segmented-item';
  for (const element of controls.filter((each) => each.matches(TARGETS))) {
    const { width, height } = element.getBoundingClientRect();
    // What can be pressed may reach beyond what is seen.
    const { content, position, top, bottom } = getComputedStyle(element, '::after');
    const beyond = content !== 'none' && position === 'absolute' ? -parseFloat(top) - parseFloat(bottom) : 0;
    // What stands within a sentence is as high as its line.
    const isInText = getComputedStyle(element).display === 'inline' || element.closest('p') !== null;
    const high = height + Math.max(0, beyond);
    if (!isInText && width > 0 && high + 0.5 < leastTargetPx) {
      faults.push(`${nameOf(element)} is only ${Math.round(high)} px high`);
    }
  }
  return [...new Set(faults)];
}
