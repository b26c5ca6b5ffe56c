import type { ListFileProblem, RowProblem } from '@/core/stock/list/stock-row';

const UNITS = {
  pieces: 'counted, such as 25',
  g: 'weighed, such as 250 g',
  mm: 'kept by length, such as 50 m',
} as const;

/**
 * What is wrong with a row of a list, and what would be right.
 *
 * @example rowSentence({ code: 'row.no-name' }) // 'No name. Write what it is.'
 */
export function rowSentence(problem: RowProblem): string {
  switch (problem.code) {
    case 'row.no-name':
      return 'No name. Write what it is.';
    case 'row.name-too-long':
      return `A name of ${problem.length} letters. 120 are the most.`;
    case 'row.no-amount':
      return 'No amount. Write how many, or how much: 25, 250 g, 50 m.';
    case 'row.amount-unread':
      return `'${problem.text}' is no amount. Write 25, 2 doz, 250 g or 50 m.`;
    case 'row.not-whole':
      return `'${problem.text}' is no whole number of pieces.`;
    case 'row.below-zero':
      return `'${problem.text}' is less than nothing.`;
    case 'row.other-unit':
      return `'${problem.text}' does not suit ${problem.bin}: that bin is ${UNITS[problem.unit]}.`;
    case 'row.price-unread':
      return `'${problem.text}' is no price. Write 6.40, and for how many in a column of its own.`;
    case 'row.low-unread':
      return `'${problem.text}' says nothing of when it is low. Write an amount, such as 10.`;
  }
}

/** Why a list cannot be read at all, and what would be right. */
export function listSentence(problem: ListFileProblem): string {
  switch (problem.code) {
    case 'list.empty':
      return 'That list holds no rows. Its first line names the columns, each line after it is a thing.';
    case 'list.one-column':
      return 'That file has one column alone. Save it as CSV, with a comma or semicolon between the cells.';
    case 'list.too-large':
      return `That file is too large: ${Math.round(problem.bytes / 1e6)} MB. ${Math.round(problem.most / 1e6)} MB are the most. Bring it in in parts.`;
  }
}
