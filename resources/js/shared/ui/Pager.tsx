import Pagination from '@mui/material/Pagination';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';

type Props = { of: string; page: number; pages: number; total: number; onPage: (page: number) => void };

/** Turns the pages of a list that the server keeps; nothing where one page is all. */
export function Pager({ of, page, pages, total, onPage }: Props) {
  if (pages < 2) return null;
  return (
    <div className={ui['pager']}>
      <Pagination
        count={pages}
        page={Math.min(page, pages)}
        size="small"
        shape="rounded"
        siblingCount={1}
        onChange={(_, next) => {
          onPage(next);
        }}
        aria-label={`Pages of ${of}`}
      />
      <span className={ink['quiet']}>{total.toLocaleString('en')} in all</span>
    </div>
  );
}
