import { useQuery } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { Button } from 'antd';
import { api } from '../api/client';
import { Mark } from '../Mark';

const EVERY_MS = 2000;

const STATES: Record<string, string> = {
  waits: 'waits for work',
  works: 'works',
  silent: 'has fallen silent; what it had begun goes to others',
  left: 'has left',
};

/** Who makes what is exported: a line each. */
export function WorkersView() {
  const navigate = useNavigate();
  const { data: workers, isError } = useQuery({
    queryKey: ['workers'],
    queryFn: async () => (await api.GET('/api/workers')).data ?? [],
    refetchInterval: EVERY_MS,
  });
  return (
    <main className="workers">
      <header className="bar">
        <Link to="/" aria-label="All projects">
          <Mark />
        </Link>
        <b>Workers</b>
        <span className="spring" />
        <Button onClick={() => void navigate(-1)}>Back</Button>
      </header>
      <section>
        {isError && <p role="alert">The server does not answer.</p>}
        {workers?.length === 0 && (
          <p>
            Nobody takes exports. Start a worker with <code>./knollwind worker</code>.
          </p>
        )}
        <ul aria-label="Workers">
          {workers?.map((one) => (
            <li key={one.name} data-state={one.state}>
              <b>{one.name}</b>
              <span>{one.doing || STATES[one.state]}</span>
              <span className="quiet">
                {one.made} {one.made === 1 ? 'file' : 'files'} made
              </span>
              <span className="quiet">
                {one.machine}, {one.processors} {one.processors === 1 ? 'processor' : 'processors'}
                {one.load >= 0 &&
                  (one.state === 'works' || one.state === 'waits') &&
                  `, load ${one.load.toFixed(1)}`}
              </span>
              <span className="quiet">
                since{' '}
                {new Date(one.since).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })}
              </span>
            </li>
          ))}
        </ul>
        <p className="quiet">
          Any machine that reaches the database can help: <code>./knollwind worker --database URL</code>. Long
          films are made in stretches when two or more are here.
        </p>
      </section>
    </main>
  );
}
