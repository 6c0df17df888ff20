import { Link } from 'react-router';

/** For an address that leads nowhere. */
export function NoSuchPage() {
  return (
    <div className="m-6">
      <h1 className="mb-2">Nothing here</h1>
      <p>
        This address leads nowhere. <Link to="/today">Go to Today</Link>.
      </p>
    </div>
  );
}
