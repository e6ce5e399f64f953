import type { Dispatch, SetStateAction } from 'react';
import type { RunningPlay, SitePackQuestion } from '@wendaxis/core/plan';
import type { NothingFits, PackAnswer, ProposedPack } from '@wendaxis/core/shims';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { Working } from '../../ui/Working.tsx';
import { BeyondStated } from './BeyondStated.tsx';
import { PackOptions } from './PackOptions.tsx';
import type { ScreenUnits } from '../../wording/screenUnits.ts';

interface PackChoiceProps {
  readonly units: ScreenUnits;
  readonly question: SitePackQuestion;
  readonly proposal: PackAnswer;
  readonly pack: ProposedPack | undefined;
  readonly byHand: boolean;
  readonly choose: () => void;
  readonly chosen: number;
  readonly setChosen: Dispatch<SetStateAction<number>>;
  readonly warm: RunningPlay | null;
}

/** The packs, the pieces of the one that is chosen, and where it puts the play. */
export function PackChoice({
  units,
  question,
  proposal,
  pack,
  byHand,
  choose,
  chosen,
  setChosen,
  warm,
}: PackChoiceProps) {
  return (
    <section className="grid content-start gap-3" aria-label="Choice">
      <PackHead
        units={units}
        question={question}
        proposal={proposal}
        pack={pack}
        byHand={byHand}
        choose={choose}
      />
      <LearnedNote learned={question.learned} />
      <BeyondStated {...question.learned} />
      {proposal.status === 'unproven' && (
        <Notice tone="warn" title="No pack at hand can be proven">
          These aim within the limits, but nearer to a limit than the uncertainty. Measure after
          fitting to decide.
        </Notice>
      )}
      {proposal.packs[0] !== undefined && isInPlace(question, proposal.packs[0]) && (
        <Notice tone="warn" title="Nothing at hand comes nearer than the pack that is in">
          Fitting it again changes nothing: read again with more cycles or a better indicator, get a
          thickness that is missing, or accept the play as it was read.
        </Notice>
      )}
      {proposal.status === 'nothingFits' ? (
        <Instead instead={proposal.instead} />
      ) : (
        <PackOptions answer={proposal} band={question.band} chosen={chosen} onChoose={setChosen} />
      )}
      {warm !== null && (
        <p className="m-0 text-lg">
          Warm, at {units.show(warm.running, 'temperature')}, the play becomes{' '}
          <strong className="figure">{units.show(warm.warm)}</strong>
          {warm.loose.length > 0 && `; loose in the case then: ${warm.loose.join(', ')}`}.
        </p>
      )}
      <div className="flex flex-wrap items-center gap-4">
        <Working
          title="The pack: the working"
          lines={[...question.learned.working, ...proposal.working]}
        />
        <p className="m-0">
          {proposal.packsCovered.toLocaleString('en')} packs of up to {question.mostPieces} pieces
          can be made of the box; none comes nearer.
        </p>
      </div>
    </section>
  );
}

/** Whether a pack is as thick as the one that is in. */
const isInPlace = (
  { packInPlace }: Pick<SitePackQuestion, 'packInPlace'>,
  { thickness }: Pick<ProposedPack, 'thickness'>,
): boolean => Math.abs(thickness - packInPlace.thickness) < 0.0005;

/** What the builds so far say of the place, once there is more than one. */
function LearnedNote({ learned }: { readonly learned: SitePackQuestion['learned'] }) {
  const units = useUnits();
  const { builds, misfit, contradicted, gain, gainUncertainty, scatter } = learned;
  if (contradicted)
    return (
      <Notice tone="warn" title="Rolling torque and play contradict each other">
        The torque tells of preload where the play that was measured leaves none. Read both again
        before a pack is changed: a seal that drags, a ring that is not home, or another pack in
        than was recorded. The play alone is gone by.
      </Notice>
    );
  if (builds < 2) return null;
  if (misfit !== null)
    return (
      <Notice tone="warn" title="The builds do not agree with their packs">
        By {builds} builds the play differs by {units.show(misfit, 'length', 4)} from what the packs
        say. Look for what else was changed, is not home, or moved under the indicator; the last
        build alone is gone by.
      </Notice>
    );
  return (
    <p className="m-0 text-lg">
      By {builds} builds: the play follows the pack by{' '}
      <strong className="figure">
        {Math.abs(gain).toFixed(2)} ± {(2 * gainUncertainty).toFixed(2)}
      </strong>
      , and one assembly differs from the next by{' '}
      <strong className="figure">{units.show(scatter.value, 'length', 4)}</strong>.
    </p>
  );
}

interface PackHeadProps {
  readonly units: ScreenUnits;
  readonly question: SitePackQuestion;
  readonly proposal: PackAnswer;
  readonly pack: ProposedPack | undefined;
  readonly byHand: boolean;
  readonly choose: () => void;
}

/** The pack that is proposed, and the key that takes it. */
function PackHead({ units, question, proposal, pack, byHand, choose }: PackHeadProps) {
  return (
    <div>
      <div>
        <h1 className="m-0 text-[2.3rem] leading-tight">Choose the pack</h1>
        <p className="m-0 text-xl">
          {question.endPlay.value < 0 ? 'Preload' : 'Play'}{' '}
          {units.digits(Math.abs(question.endPlay.value))} with a pack of{' '}
          {units.show(question.packInPlace.thickness)}: a pack of{' '}
          <strong>{units.show(proposal.wanted)}</strong> gives{' '}
          {question.learned.limitsBy === 'torque'
            ? 'the rolling torque wanted, by what was read with the one that is in. The limits here are the plays at which the torque is within its own.'
            : 'the target.'}
        </p>
      </div>
      {pack !== undefined && !byHand && <MainAction onClick={choose}>Use this pack</MainAction>}
    </div>
  );
}

function Instead({ instead }: { readonly instead: NothingFits }) {
  const units = useUnits();
  return (
    <Notice tone="warn" title="Nothing in the box fits">
      <ul className="m-0 pl-5 text-lg">
        {instead.buy !== null && (
          <li>
            Buy one of <strong>{units.show(instead.buy.thickness)}</strong>
            {instead.buy.with > 0 &&
              ` and put it with ${units.show(instead.buy.with)} from the box`}
            .
          </li>
        )}
        {instead.grind !== null && (
          <li>
            Or take <strong>{units.show(instead.grind.amount)}</strong> off a pack of{' '}
            {units.show(instead.grind.from)}.
          </li>
        )}
        {instead.nearest.map(({ thickness, expectedPlay }) => (
          <li key={thickness}>
            The nearest at hand, {units.show(thickness)}, would give {units.show(expectedPlay)}.
          </li>
        ))}
      </ul>
    </Notice>
  );
}
