import type { Bench } from '@/shared/api';
import { TableCell, Table, TableBody, TableHead, TableRow } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './bench.module.css';

type Selected = NonNullable<Bench['selections']>[number];

/** Parts that are measured and put together: which pieces go into which kit. */
export function Selections({ selections }: { selections: readonly Selected[] }) {
  return selections.map((each) => (
    <section
      key={each.parts.join(' ')}
      className={styles['benchnote']}
      aria-label={`Selected ${each.parts.join(', ')}`}
    >
      <h3>
        {each.parts.join(' and ')} within {each.maxDifference}
      </h3>
      {each.fault !== '' && <p className={ink['ochre']}>▲ {each.fault}</p>}
      {each.fault === '' && each.pieces === 0 && (
        <p className={ink['quiet']}>
          Nothing measured yet. Drop measurements.csv on Parts: part, lot, piece, quantity, value.
        </p>
      )}
      {each.pieces > 0 && (
        <>
          <p>
            {each.pieces} pieces{each.quantity === '' ? '' : ` (${each.quantity})`} give{' '}
            <b>
              {each.kits.length} {each.kits.length === 1 ? 'kit' : 'kits'}
            </b>
            , as many as can be, with the least difference in all;{' '}
            {each.left.length === 0 ? 'none is left' : `left over: ${each.left.join(', ')}`}.
          </p>
          <Table className={ui['table']}>
            <TableHead>
              <TableRow>
                <TableCell component="th" className={ui['num']}>
                  kit
                </TableCell>
                {each.parts.map((part) => (
                  <TableCell component="th" key={part}>
                    {part}
                  </TableCell>
                ))}
                <TableCell component="th" className={ui['num']}>
                  difference
                </TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {each.kits.map((kit, index) => (
                <TableRow key={kit.pieces.map((piece) => `${piece.lot} ${piece.piece}`).join()}>
                  <TableCell className={ui['num']}>{index + 1}</TableCell>
                  {kit.pieces.map((piece) => (
                    <TableCell key={piece.piece}>
                      {piece.lot} {piece.piece}, {piece.value}
                    </TableCell>
                  ))}
                  <TableCell className={ui['num']}>{kit.difference}</TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
        </>
      )}
    </section>
  ));
}
