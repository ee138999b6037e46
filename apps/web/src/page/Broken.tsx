/** Where a page could not be drawn: what happened, what was kept, what to do. */
export function Broken() {
  return (
    <main className="p-8">
      <h1 className="text-[26px]">This page could not be drawn</h1>
      <p className="mt-2 max-w-[60ch]">
        The fault is ours. Everything that was recorded is kept; what was being typed on this page may be gone. Load it
        again; if it stays so, go back to Today and tell whoever looks after the application.
      </p>
      <p className="mt-4 flex gap-5">
        <button type="button" className="min-h-[44px] underline" onClick={() => window.location.reload()}>
          Load it again
        </button>
        <a className="min-h-[44px] py-2.5 underline" href="/today">
          Today
        </a>
      </p>
    </main>
  );
}
