import { oncePerPair } from './oncePerPair.ts';

test('should be asked once for the same two objects, and anew when either is another', () => {
  let asked = 0;
  const sum = oncePerPair((a: { readonly n: number }, b: { readonly n: number }) => {
    asked += 1;
    return a.n + b.n;
  });
  const [one, two, three] = [{ n: 1 }, { n: 2 }, { n: 3 }];
  expect([sum(one, two), sum(one, two), sum(one, three), sum(two, one)]).toEqual([3, 3, 4, 3]);
  expect(asked).toBe(3);
});
