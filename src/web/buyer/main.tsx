import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BuyerPage } from './BuyerPage';
import '../styles.css';

const token = window.location.pathname.split('/')[2] ?? '';

createRoot(document.getElementById('app') as HTMLElement).render(
  <StrictMode>
    <BuyerPage token={token} />
  </StrictMode>,
);
