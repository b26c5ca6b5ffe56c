import { compareNames } from './compare-names';

it('orders numbers within names by size, and letters without regard to case first', () => {
  const names = ['Tin 10', 'tin 9', 'Block B', 'Block A', 'Tin 9'];
  expect([...names].sort(compareNames)).toEqual(['Block A', 'Block B', 'tin 9', 'Tin 9', 'Tin 10']);
  expect(compareNames('Tin 9', 'Tin 9')).toBe(0);
});
