import type { ReactNode } from "react";

/** The sheet on which somebody signs in or opens a link: one thing in the middle. */
export function Door({ title, children }: { title: string; children: ReactNode }) {
  return (
    <main className="mx-auto max-w-[34rem] px-6 py-10">
      <p className="flex items-center gap-2.5 text-[1.1rem] font-bold">
        <svg viewBox="0 0 32 32" fill="none" className="size-7 shrink-0" aria-hidden="true">
          <circle cx="16" cy="16" r="13" stroke="var(--color-ink)" strokeWidth="2" />
          <path d="M5 18h22" stroke="var(--color-spruce)" strokeWidth="3" />
          <path d="M16 3v6M16 23v6" stroke="var(--color-ink)" strokeWidth="2" />
        </svg>
        Fair Compass
      </p>
      <h1 className="mt-6">{title}</h1>
      {children}
    </main>
  );
}
