import { useCallback, useEffect } from 'react';
import { useLocation, useNavigate } from 'react-router';

import { useStockUse } from '../api/queries.ts';
import { InstrumentPanel } from '../features/workshop/InstrumentPanel.tsx';
import { MaterialPanel } from '../features/workshop/MaterialPanel.tsx';
import { NamePanel } from '../features/workshop/NamePanel.tsx';
import { PeoplePanel } from '../features/workshop/PeoplePanel.tsx';
import { PressToolPanel } from '../features/workshop/PressToolPanel.tsx';
import { PressPanel } from '../features/workshop/PressPanel.tsx';
import { StockPanel } from '../features/workshop/StockPanel.tsx';
import { OrdersPanel } from '../features/workshop/OrdersPanel.tsx';
import { TorqueToolPanel } from '../features/workshop/TorqueToolPanel.tsx';
import { useWorkshop } from '../stores/useWorkshop.ts';
import { Notice } from '../ui/Notice.tsx';
import { MainAction } from '../ui/ActionBar.tsx';
import { Main } from '../ui/Main.tsx';
import type { CameFrom } from '../ui/WorkshopLink.tsx';

/** The workshop: its name, people, instruments and tools, the shim box and what is on order. */
export function WorkshopPage() {
  const workshop = useWorkshop();
  const use = useStockUse(null);
  const { hash, state: from } = useLocation() as { hash: string; state: CameFrom | null };
  const shown = workshop.data !== undefined;
  useEffect(() => {
    if (shown && hash !== '') document.getElementById(hash.slice(1))?.scrollIntoView();
  }, [hash, shown]);
  if (workshop.data === undefined)
    return (
      <Main title="Workshop" className="p-6">
        <Notice
          title={workshop.isError ? 'The workshop cannot be fetched' : 'Fetching the workshop…'}
          tone={workshop.isError ? 'warn' : 'plain'}
        />
      </Main>
    );
  const { name, instruments, sizes, people, materials, orders, torqueTools } = workshop.data;
  const { pressRating, drivers, rods, spacers } = workshop.data;
  return (
    <Main title="Workshop" className="mx-auto grid w-full max-w-6xl gap-6 p-6 lg:grid-cols-2">
      <h1 className="m-0 text-4xl lg:col-span-2">{name === '' ? 'The workshop' : name}</h1>
      <div className="grid content-start gap-6">
        <StockPanel sizes={sizes} held={use.data?.used ?? {}} orders={orders} />
        <OrdersPanel sizes={sizes} orders={orders} />
        <PressPanel rating={pressRating} />
        <PressToolPanel drivers={drivers} rods={rods} spacers={spacers} />
      </div>
      <div className="grid content-start gap-6">
        <NamePanel key={name} name={name} />
        <PeoplePanel people={people} />
        <InstrumentPanel instruments={instruments} />
        <TorqueToolPanel tools={torqueTools} />
      </div>
      <MaterialPanel materials={materials} />
      {typeof from?.back === 'string' && <BackToWork to={from.back} />}
    </Main>
  );
}

/** Back to the step that sent one here. */
function BackToWork({ to }: { readonly to: string }) {
  const navigate = useNavigate();
  const back = useCallback(() => void navigate(to), [navigate, to]);
  return (
    <MainAction onClick={back} pressOnly>
      Back to the job
    </MainAction>
  );
}
