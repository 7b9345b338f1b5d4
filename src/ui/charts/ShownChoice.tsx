import * as RadioGroup from 'radix-ui/radio-group';

/** Which of several pictures is shown: arrows go from one to the next. */
export function ShownChoice<S extends string>({
  names,
  shown,
  show,
  label = 'What is shown',
}: {
  names: readonly (readonly [S, string])[];
  shown: S;
  show: (s: S) => void;
  label?: string;
}) {
  return (
    <RadioGroup.Root
      value={shown}
      onValueChange={(v) => show(v as S)}
      aria-label={label}
      className="flex flex-wrap"
    >
      {names.map(([value, name]) => (
        <RadioGroup.Item
          key={value}
          value={value}
          className="-ml-px min-h-8 border border-line border-strong px-2.5 text-[0.87rem] first:ml-0 data-[state=checked]:border-chalk data-[state=checked]:bg-chalk data-[state=checked]:text-raised max-lg:min-h-[44px]"
        >
          {name}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}
