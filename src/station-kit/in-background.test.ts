import { inBackground, onFailure } from './in-background';

const settled = () => new Promise((resolve) => setTimeout(resolve, 0));

describe('inBackground', () => {
  it('tells those who listen what failed, and nothing of what went well', async () => {
    const heard: unknown[] = [];
    const end = onFailure((error) => heard.push(error));
    const why = new Error('no room');
    inBackground(Promise.resolve('well'));
    inBackground(Promise.reject(why));
    inBackground(undefined);
    await settled();
    expect(heard).toEqual([why]);
    end();
  });
});
