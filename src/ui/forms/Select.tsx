import { useId } from 'react';

/** A choice of a few, with its label over it. */
export function Select({
  label,
  value,
  options,
  change,
}: {
  label: string;
  value: string;
  options: readonly { readonly id: string; readonly name: string }[];
  change: (value: string) => void;
}) {
  const id = useId();
  return (
    <div className="min-w-0 flex-1">
      <label htmlFor={id} className="block truncate text-[0.82rem] text-soft">
        {label}
      </label>
      <select id={id} className="input" value={value} onChange={(e) => change(e.target.value)}>
        {options.map((o) => (
          <option key={o.id} value={o.id}>
            {o.name}
          </option>
        ))}
      </select>
    </div>
  );
}
