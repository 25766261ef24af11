import { Button } from 'antd';
import { Printer } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { useMakeState } from './make-context.ts';

/** Opens the make as pages for paper; with `only`, one part of them to begin with. */
export function PrintLink({ only, children }: { only?: string; children: ReactNode }) {
  const { make } = useMakeState();
  return (
    <Link to={`/makes/${make.id}/print${only ? `?only=${only}` : ''}`}>
      <Button icon={<Printer size={16} />} tabIndex={-1}>
        {children}
      </Button>
    </Link>
  );
}
