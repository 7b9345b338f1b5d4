import Link from 'next/link';

export default function NotFound() {
  return (
    <main className="mx-auto max-w-xl p-10">
      <h1 className="text-[1.6rem]">There is no such plan here</h1>
      <p className="mt-2 text-soft">It may have been removed, or the address was cut short.</p>
      <Link href="/" className="button mt-4">
        All plans
      </Link>
    </main>
  );
}
