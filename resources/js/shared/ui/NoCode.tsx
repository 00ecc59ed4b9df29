import { useMe } from '@/shared/api';
import ink from '@/shared/style/ink.module.css';
import { TextLink } from './TextLink';

/** Said before printing while customers cannot reach the shop: the print carries no code. */
export function NoCode() {
  const me = useMe();
  if (!me.data || me.data.shop.publicAddress !== null) return null;
  return (
    <span className={ink['ochre']}>
      ▲ prints no code: no <TextLink to="/shop">public address</TextLink>
    </span>
  );
}
