import type { Dispatch, SetStateAction } from 'react';
import type { RunningPlay } from '@wendaxis/core/plan';
import type { NothingFits, PackAnswer, PackQuestion, ProposedPack } from '@wendaxis/core/shims';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { Working } from '../../ui/Working.tsx';
import { PackOptions } from './PackOptions.tsx';
import type { ScreenUnits } from '../../wording/screenUnits.ts';

interface PackChoiceProps {
  readonly units: ScreenUnits;
  readonly question: PackQuestion;
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
      {proposal.status === 'unproven' && (
        <Notice tone="warn" title="No pack at hand can be proven">
          These aim within the limits, but nearer to a limit than the uncertainty. Measure after
          fitting to decide.
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
        <Working title="The pack: the working" lines={proposal.working} />
        <p className="m-0">
          {proposal.packsCovered.toLocaleString('en')} packs of up to {question.mostPieces} pieces
          can be made of the box; none comes nearer.
        </p>
      </div>
    </section>
  );
}

interface PackHeadProps {
  readonly units: ScreenUnits;
  readonly question: PackQuestion;
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
          Play {units.digits(question.endPlay.value)} with a pack of{' '}
          {units.show(question.packInPlace.thickness)}: a pack of{' '}
          <strong>{units.show(proposal.wanted)}</strong> gives the target.
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
