import sharp from 'sharp';
import { Comparing } from './index.js';

describe('two pictures of a page', () => {
  const comparing = new Comparing();
  afterAll(() => comparing.close());

  const sheet = (width: number, height: number, boxes: { left: number; top: number; size: number }[] = []) =>
    sharp({ create: { width, height, channels: 3, background: '#f4f1ea' } })
      .composite(
        boxes.map(({ left, top, size }) => ({
          ...{ left, top },
          input: { create: { width: size, height: size, channels: 3, background: '#7a2a12' } },
        })),
      )
      .png()
      .toBuffer();

  it('are the same where every point is', async () => {
    const one = await sheet(390, 800, [{ left: 10, top: 400, size: 30 }]);
    expect(await comparing.compare(one, one)).toEqual({ changed: 0, where: null, part: null });
  });

  it('differ by the share of their points, and there', async () => {
    const found = await comparing.compare(
      await sheet(390, 800),
      await sheet(390, 800, [{ left: 100, top: 400, size: 40 }]),
    );
    expect(found.changed).toBeCloseTo((40 * 40) / (390 * 800), 6);
    expect(found.where).toEqual([0.5, 0.55]);
    expect(found.part!.top).toBe(280);
    const [before, now] = await Promise.all([found.part!.before, found.part!.now].map((p) => sharp(p).metadata()));
    // What is otherwise, and so much around it.
    expect([before!.format, before!.width, before!.height, now!.height]).toEqual(['webp', 390, 279, 279]);
  });

  it('differ below the end of the shorter one, of which no more is shown than helps', async () => {
    const found = await comparing.compare(await sheet(1280, 600), await sheet(1280, 3000));
    expect(found.changed).toBeCloseTo(0.8, 6);
    expect(found.where).toEqual([0.2, 1]);
    const now = await sharp(found.part!.now).metadata();
    expect([now.width, now.height]).toEqual([960, 1200]);
  });

  it('do not differ by a colour nobody can tell', async () => {
    const tinted = await sharp({ create: { width: 200, height: 200, channels: 3, background: '#f4f1eb' } })
      .png()
      .toBuffer();
    expect((await comparing.compare(await sheet(200, 200), tinted)).changed).toBe(0);
  });

  it('are not compared where one is wider, or none is one', async () => {
    await expectAsync(comparing.compare(await sheet(390, 100), await sheet(400, 100))).toBeRejectedWithError(
      'One is 390 wide, the other 400.',
    );
    await expectAsync(comparing.compare(Buffer.from('no picture'), await sheet(40, 40))).toBeRejected();
  });
});
