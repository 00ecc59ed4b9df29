import type { DOMAttributes, Ref } from 'react';

type Props = {
  /** drawn by the server, with `data-ref` at what can be picked */
  svg: string;
  box: Ref<HTMLDivElement>;
  className?: string | undefined;
  onPick?: ((designator: string) => void) | undefined;
  /** of a pointer that is pressed and moved */ handlers?: DOMAttributes<HTMLDivElement>;
};

/** A drawing of the server; what is pointed at in it is picked. By keyboard the same is reached through a list beside it. */
export function Drawing({ svg, box, className, onPick, handlers }: Props) {
  return (
    // A picture has no keys of its own; every name in it stands in a list of buttons beside it.
    // eslint-disable-next-line jsx-a11y/click-events-have-key-events, jsx-a11y/no-static-element-interactions
    <div
      ref={box}
      className={className}
      {...handlers}
      onClick={(event) => {
        const picked = (event.target as Element).closest<SVGElement>('[data-ref]');
        if (picked && onPick) onPick(picked.dataset['ref'] ?? '');
      }}
      dangerouslySetInnerHTML={{ __html: svg }}
    />
  );
}
