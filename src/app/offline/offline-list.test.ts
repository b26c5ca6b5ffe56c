import { offlineList } from './offline-list';

describe('offlineList', () => {
  it('names files in order, large ones apart, and the first page first', () => {
    const files = [
      { address: '/b.js', bytes: 5 },
      { address: '/a.css', bytes: 4_000_000 },
      { address: '/cv.js', bytes: 4_000_001 },
    ];
    expect(offlineList('b1', files, ['/pour', '/ticket'])).toBe(
      'self.BUILT = {"build":"b1","files":["/a.css","/b.js"],"large":["/cv.js"],"pages":["/ticket","/pour"]};\n',
    );
  });
});
