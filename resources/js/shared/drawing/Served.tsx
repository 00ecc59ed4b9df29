import styles from './served.module.css';

/** A drawing that nobody picks in, made by the server of numbers, escaped words and pictures that it squared: a trace, a photograph. */
export function Served({ svg }: { svg: string }) {
  return <div className={styles['served']} dangerouslySetInnerHTML={{ __html: svg }} />;
}
