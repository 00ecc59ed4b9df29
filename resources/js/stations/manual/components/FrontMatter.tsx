import type { ManualDocument } from '@/shared/api';
import { TableCell, Marking, Table, TableBody, TableHead, TableRow } from '@/shared/ui';
import { OwnText } from './OwnText';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './manual.module.css';

/** What stands before the steps: cautions, contents, tools, which part is which. */
export function FrontMatter({ manual }: { manual: ManualDocument }) {
  return (
    <>
      <h1>{manual.kit}</h1>
      <p className={ink['quiet']}>Build manual, revision {manual.revision}</p>
      <OwnText manual={manual} place="intro" />
      <h2>Before you begin</h2>
      {manual.cautions.map((text) => (
        <p key={text} className={styles['caution']}>
          {text}
        </p>
      ))}
      <h2>What is in the kit</h2>
      {manual.bags.bags.map((bag) => (
        <p key={bag.name}>
          <b>
            Bag {bag.name}: {bag.title}.
          </b>{' '}
          {bag.items
            .map(
              (item) =>
                `${String(item.quantity)} × ${item.value}${item.value.toLowerCase() === item.kindName ? '' : ` ${item.kindName}`}`,
            )
            .join(', ')}
        </p>
      ))}
      {manual.bags.brought.length > 0 && (
        <p>
          <b>You bring:</b>{' '}
          {manual.bags.brought.map((part) => `${part.designator}, ${part.value} ${part.kindName}`).join('; ')}
        </p>
      )}
      <h2>Tools</h2>
      <p>{manual.tools.join('; ')}.</p>
      <h2>Which part is which</h2>
      <Table className={ui['table']}>
        <TableHead>
          <TableRow>
            <TableCell component="th">place</TableCell>
            <TableCell component="th" className={ui['num']}>
              count
            </TableCell>
            <TableCell component="th">value</TableCell>
            <TableCell component="th">marking</TableCell>
            <TableCell component="th">direction</TableCell>
            <TableCell component="th">bag</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {manual.identification.map((row) => (
            <TableRow key={row.designators.join(' ')}>
              <TableCell className={clsx(ui['refs'], ink['m'], styles['m'])}>{row.designators.join(' ')}</TableCell>
              <TableCell className={ui['num']}>{row.quantity}</TableCell>
              <TableCell>{row.value}</TableCell>
              <TableCell>
                <Marking marking={row.marking} />
              </TableCell>
              <TableCell>{row.direction}</TableCell>
              <TableCell>{row.bag}</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </>
  );
}
