import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import '@/shared/style/tokens.css';
import './page.css';
import { Builder } from './components/Builder';
import { folderOf } from './folder';

// The page as a folder: its script begins with the kit and needs nothing else.
const root = document.getElementById('root');
const folder = folderOf((window as { chiralexKit?: unknown }).chiralexKit, location.hash);
if (root && folder) {
  createRoot(root).render(
    <StrictMode>
      <Builder token={folder.key} folder={folder} />
    </StrictMode>,
  );
}
// On a web space it opens again without a connection; from disk it needs none.
if (location.protocol === 'https:' && 'serviceWorker' in navigator)
  void navigator.serviceWorker.register('later.js').catch(() => undefined);
