import { pageAt } from './pages';
import './styles.css';

// The page that is opened, and what every page asks for first, come beside the app and not after it.
void pageAt(location.pathname)?.();
document.head.append(
  Object.assign(document.createElement('link'), {
    rel: 'preload',
    as: 'fetch',
    crossOrigin: 'anonymous',
    href: '/api/days',
  }),
);
void import('./app');
