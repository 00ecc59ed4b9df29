import { useState, type SyntheticEvent } from 'react';
import { useHeader, type ShelfRow } from '@/shared/api';
import { OptionChooser } from '@/shared/ui';

type Props = { kits: readonly ShelfRow[]; busy: boolean; onSave: (body: object) => void; onLeave: () => void };

const FIELDS = [['number', 'order number', 'text'], ['placedOn', 'date', 'date'], ['customer', 'customer', 'text'], ['email', 'mail address', 'email'], ['quantity', 'kits', 'number'], ['price', 'price of one', 'text']] as const;

/** An order typed in by hand. */
export function NewOrder({ kits, busy, onSave, onLeave }: Props) {
  const [words, setWords] = useState<Record<string, string>>({ placedOn: new Date().toISOString().slice(0, 10), quantity: '1', price: '' });
  const [options, setOptions] = useState('');
  const kit = kits.find((each) => String(each.id) === words['kitId']) ?? kits[0];
  const header = useHeader(kit?.revisionId ?? 0);
  const set = (field: string, value: string) => { setWords({ ...words, [field]: value }); };
  const send = (event: SyntheticEvent) => {
    event.preventDefault();
    onSave({ ...words, options, kitId: Number(words['kitId'] ?? kits[0]?.id ?? 0), quantity: Number(words['quantity']) });
  };
  return (
    <form className="neworder" onSubmit={send} aria-label="New order">
      {FIELDS.map(([field, label, type]) => (
        <div className="field" key={field}><label htmlFor={`order-${field}`}>{label}</label><input id={`order-${field}`} type={type} value={words[field] ?? ''} required={['number', 'placedOn', 'customer', 'quantity'].includes(field)} onChange={(event) => { set(field, event.target.value); }} /></div>
      ))}
      <div className="field"><label htmlFor="order-kit">kit</label><select id="order-kit" value={words['kitId'] ?? String(kits[0]?.id ?? '')} onChange={(event) => { set('kitId', event.target.value); setOptions(''); }}>{kits.map((kit) => <option key={kit.id} value={kit.id}>{kit.name}</option>)}</select></div>
      {header.data && header.data.options.length > 0 && <div className="field"><span>with</span><span><OptionChooser options={header.data.options} chosen={options} onChoose={setOptions} /></span></div>}
      <div className="field wide"><label htmlFor="order-address">address</label><textarea id="order-address" rows={2} value={words['address'] ?? ''} onChange={(event) => { set('address', event.target.value); }} /></div>
      <p className="wide"><button type="submit" className="btn pri" disabled={busy}>Book the order</button> <button type="button" className="btn" onClick={onLeave}>Leave</button></p>
    </form>
  );
}
