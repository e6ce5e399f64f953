import { KINDS, letThrough, tallyKind } from './oddsOfKinds.ts';
import { PAIRS, tallyPair } from './oddsOfPairs.ts';
import { openShop, WORLDS } from './shop.ts';

/**
 * First-go odds, goes and honesty over simulated units: measured by a guided run, the pack that is proposed fitted, measured
 * again, until it is proven; what cannot be decided is read again with the dial that the verdict asks for, and what the builds
 * have said of the place is learned. Beside it, in the same run, a model of working by hand (one reading with the rollers
 * unseated, the nearest single piece). Invented units; the play that is true is hidden from the measuring. Each kind is worked
 * with errors as the product assumes them, and with such as it knows nothing of.
 */
const UNITS = 2000;
const share = (part: number, all: number): string => `${((100 * part) / all).toFixed(1)} %`;

for (const kind of KINDS)
  for (const world of WORLDS) {
    const shop = openShop(world, 20_261_125);
    const { fits, first, goes, proven, wrong, byHand } = tallyKind(kind, shop, UNITS);
    const { near, through } = letThrough(kind, shop, UNITS);
    const assumed = world.gainError === 0;
    console.log(
      `${kind.name}, ${world.words}: ` +
        `first pack truly in band ${share(first, fits)} of ${fits}${assumed ? ' (held to 95 %)' : ''}, ` +
        `${(goes / fits).toFixed(2)} goes (held to ${assumed ? '1.1' : '1.15'}), then proven ${share(proven, fits)}; ` +
        `by hand ${share(byHand, UNITS)}; passed though out of band ${share(wrong, proven)}, ` +
        `and of ${near} builds out by up to one graduation ${share(through, near)} (held to 2.5 %)`,
    );
  }

for (const pair of PAIRS)
  for (const world of WORLDS) {
    const { fits, first, goes, proven, wrong, byHand } = tallyPair(pair, openShop(world, 7), UNITS);
    const assumed = world.gainError === 0;
    console.log(
      `${pair.name}, ${world.words}: ` +
        `first packs truly in both bands ${share(first, fits)} of ${fits}${assumed ? ' (held to 95 %)' : ''}, ` +
        `${(goes / fits).toFixed(2)} goes (held to ${assumed ? '1.1' : '1.15'}), then proven ${share(proven, fits)}; ` +
        `by hand, one after the other ${share(byHand, UNITS)}; ` +
        `passed though out of band ${share(wrong, proven)} (held to 2.5 %)`,
    );
  }
