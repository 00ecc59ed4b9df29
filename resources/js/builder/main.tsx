import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import '@/shared/style/tokens.css';
import './page.css';
import { Builder } from './components/Builder';
import { keepForLater } from './offline';

const root = document.getElementById('root');
const token = location.pathname.split('/')[2] ?? '';
if (root) {
  createRoot(root).render(
    <StrictMode>
      <Builder token={token} />
    </StrictMode>,
  );
  void keepForLater(token);
}
