import type { ManualDocument } from '@/shared/api';
import { Marking } from '@/shared/ui';
import { OwnText } from './OwnText';

/** What stands before the steps: cautions, contents, tools, which part is which. */
export function FrontMatter({ manual }: { manual: ManualDocument }) {
  return (
    <>
      <h1>{manual.kit}</h1>
      <p className="quiet">Build manual, revision {manual.revision}</p>
      <OwnText manual={manual} place="intro" />
      <h2>Before you begin</h2>
      {manual.cautions.map((text) => (
        <p key={text} className="caution">
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
      <table className="table">
        <thead>
          <tr>
            <th>place</th>
            <th className="num">count</th>
            <th>value</th>
            <th>marking</th>
            <th>direction</th>
            <th>bag</th>
          </tr>
        </thead>
        <tbody>
          {manual.identification.map((row) => (
            <tr key={row.designators.join(' ')}>
              <td className="refs m">{row.designators.join(' ')}</td>
              <td className="num">{row.quantity}</td>
              <td>{row.value}</td>
              <td>
                <Marking marking={row.marking} />
              </td>
              <td>{row.direction}</td>
              <td>{row.bag}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
