import { Problem, said } from '../../shared/http';

/** Everything that is wrong with it. */
export function Wrong({ error }: { error: unknown }) {
  const findings = error instanceof Problem ? error.findings : [];
  return (
    <div role="alert" className="border-l-4 border-brick bg-panel p-2">
      <ul>
        {(findings.length > 0 ? findings.map((f) => f.message) : [said(error)]).map((message) => (
          <li key={message}>{message}</li>
        ))}
      </ul>
    </div>
  );
}
