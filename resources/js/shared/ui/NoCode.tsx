import { useMe } from '@/shared/api';
import ink from '@/shared/style/ink.module.css';

/** Said before printing while customers cannot reach the shop: the print carries no code. */
export function NoCode() {
  const me = useMe();
  if (!me.data || me.data.shop.publicAddress !== null) return null;
  return <span className={ink['ochre']}>▲ without code: the room Shop has no public address yet</span>;
}
