import { Link } from 'react-router';

/** From a figure to the paragraph that says where it comes from. */
export function HowIsThisWorkedOut({ about, short = false }: { about: string; short?: boolean }) {
  return (
    <Link className="how-link" to={`/how#${about}`}>
      {short ? 'how?' : 'How is this worked out?'}
    </Link>
  );
}
