import { Shares } from './shares.js';

describe('a share', () => {
  it('is had so many times at once by each, whatever others have, and given back once', () => {
    const shares = new Shares(2);
    const [one, two] = [shares.take('gant')!, shares.take('gant')!];
    expect(shares.take('gant')).toBeNull();
    expect(shares.take('pell')).not.toBeNull();
    one();
    one();
    const three = shares.take('gant');
    expect(three).not.toBeNull();
    expect(shares.take('gant')).toBeNull();
    two();
    three!();
    expect([shares.take('gant'), shares.take('gant')].every(Boolean)).toBeTrue();
  });
});
