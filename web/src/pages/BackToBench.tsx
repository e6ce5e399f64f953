import { useNavigate } from 'react-router';

import { MainAction } from '../ui/ActionBar.tsx';

/** The way out of a page that leads nowhere. */
export function BackToBench() {
  const navigate = useNavigate();
  return <MainAction onClick={() => void navigate('/')}>Back to the bench</MainAction>;
}
