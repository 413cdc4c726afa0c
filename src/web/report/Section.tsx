import type { ReactNode } from 'react';

export function Section({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="mt-8 px-4">
      <h2 className="mb-2 text-2xl">{title}</h2>
      {children}
    </section>
  );
}
