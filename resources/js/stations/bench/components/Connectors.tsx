import type { Bench } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Press, Table, TableBody, TableCell, TableHead, TableRow } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './bench.module.css';

type Connector = NonNullable<Bench['connectors']>[number];

/** The pins of each connector as the nets of the board have them: where a meter finds which voltage. */
export function Connectors({ connectors }: { connectors: readonly Connector[] }) {
  const kit = useKit();
  return connectors.map((connector) => (
    <section key={connector.designator} className={styles['benchnote']} aria-label={`Pins of ${connector.designator}`}>
      <h3>
        <Press
          onClick={() => {
            kit.select(connector.designator);
          }}
        >
          {connector.designator}
        </Press>
        , pin by pin
      </h3>
      <Table className={ui['table']}>
        <TableHead>
          <TableRow>
            <TableCell component="th">pin</TableCell>
            <TableCell component="th">mark</TableCell>
            <TableCell component="th" className={ui['num']}>
              against ground
            </TableCell>
            <TableCell component="th">net</TableCell>
            <TableCell component="th">goes to</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {connector.pins.map((pin) => (
            <TableRow key={pin.pin}>
              <TableCell className={ink['m']}>{pin.pin}</TableCell>
              <TableCell>{pin.mark}</TableCell>
              <TableCell className={ui['num']}>{pin.volts}</TableCell>
              <TableCell className={ink['m']}>{pin.net}</TableCell>
              <TableCell>{pin.to.join(', ')}</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </section>
  ));
}
