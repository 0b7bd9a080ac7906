import { EachServer } from './each-server.js';

describe('every server', () => {
  const servers = [{ name: 'quay' }, { name: 'slip' }, { name: 'hard' }];

  it('is asked at once; one that hangs is asked once, and one that fails takes nobody along', async () => {
    const each = new EachServer();
    const asked: string[] = [];
    let answer: () => void = () => undefined;
    const round = () =>
      each.run(servers, async ({ name }) => {
        asked.push(name);
        if (name === 'quay') await new Promise<void>((done) => (answer = done));
        if (name === 'slip') throw new Error('trouble');
      });
    const first = round();
    // Those that answer have answered.
    await new Promise((done) => setTimeout(done));
    await round();
    expect(asked).toEqual(['quay', 'slip', 'hard', 'slip', 'hard']);
    answer();
    await first;
    void round();
    expect(asked.slice(5)).toEqual(['quay', 'slip', 'hard']);
    answer();
  });
});
