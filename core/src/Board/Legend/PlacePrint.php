<?php

declare(strict_types=1);

namespace Chiralex\Board\Legend;

/** What a legend prints at the place of a part. */
final readonly class PlacePrint
{
    /**
     * @param list<string> $shows `designator`, `value`, `outline`, or `nothing` alone
     * @param string $mark `bar`, `flat`, `notch`, `plus`, `minus`, `square`, `dot`, or `none`
     * @param bool $isRead true where the letters were read; else letters near a place are taken for its designator
     * @param string $value the spelling of its value that stands there
     * @param list<string> $others words beside it that are neither its name nor its value, in capitals
     */
    public function __construct(
        public string $designator,
        public array $shows,
        public string $mark,
        public bool $isRead = false,
        public string $value = '',
        public array $others = [],
    ) {}

    /** The same print where it tells of another part, as that of a socket does of its IC. */
    public function of(string $designator): self
    {
        return new self($designator, $this->shows, $this->mark, $this->isRead, $this->value, $this->others);
    }

    /** What the board prints there, in the words of a list: `designator`, `value`, `both`, `outline`, `nothing`; null where it was not read. */
    public function legend(): ?string
    {
        return match (true) {
            !$this->isRead => null,
            in_array('designator', $this->shows, true) && in_array('value', $this->shows, true) => 'both',
            $this->shows === ['nothing'] && $this->mark !== 'none' => 'outline',
            default => $this->shows[0] ?? 'nothing',
        };
    }

    public function hasDirection(): bool
    {
        return $this->mark !== 'none';
    }
}
