import { useState } from 'react';
import type { Paper } from '@/shared/api';
import { Input, PaperChoice, PrintButton, Select } from '@/shared/ui';
import styles from './bags.module.css';

const CLASSES = [5, 10, 20] as const;

/** What is printed of the bags: labels for so many kits, the tick list, a teacher's sheet for a class. */
export function BagPrints({ kit, paper, onPaper }: { kit: number; paper: Paper; onPaper: (paper: Paper) => void }) {
  const [kits, setKits] = useState('1');
  const [pupils, setPupils] = useState(10);
  const count = /^[1-9]\d{0,2}$/.test(kits) ? Number(kits) : 1;
  const sheet = paper === 'roll' ? 'A4' : paper;
  return (
    <span className={styles['prints']}>
      <PaperChoice paper={paper} roll onChange={onPaper} />
      <label htmlFor="label-kits">kits</label>
      <Input
        id="label-kits"
        className={styles['few']}
        inputMode="numeric"
        value={kits}
        onChange={(event) => {
          setKits(event.target.value);
        }}
      />
      <PrintButton label="Print labels" kind="bag-labels" subject={kit} paper={paper} kits={count} />
      <PrintButton label="Print tick list" kind="tick-list" subject={kit} paper={sheet} />
      <label htmlFor="class-size">class of</label>
      <Select
        id="class-size"
        value={pupils}
        onChange={(event) => {
          setPupils(Number(event.target.value));
        }}
      >
        {CLASSES.map((each) => (
          <option key={each} value={each}>
            {each}
          </option>
        ))}
      </Select>
      <PrintButton label="Teacher’s sheet" kind="teacher-sheet" subject={kit} paper={sheet} kits={pupils} />
    </span>
  );
}
