/** What is said of a page that broke, and the two ways on. */
export function BrokenPage({ again }: { again: () => void }) {
  return (
    <main className="mx-auto max-w-xl p-10">
      <h1 className="text-[1.6rem]">Something here has broken</h1>
      <p className="mt-2 text-soft">
        What was saved is safe. Try again; if it happens again, go back to all plans.
      </p>
      <div className="mt-4 flex gap-2">
        <button type="button" className="button button-primary" onClick={again}>
          Try again
        </button>
        <a href="/" className="button">
          All plans
        </a>
      </div>
    </main>
  );
}
