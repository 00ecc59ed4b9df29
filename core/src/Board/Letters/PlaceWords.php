<?php

declare(strict_types=1);

namespace Chiralex\Board\Letters;

/** What the letters of a legend say at the place of a part. */
final readonly class PlaceWords
{
    /**
     * @param bool $name its designator stands there
     * @param string $value the spelling of its value that stands there, empty for none
     * @param list<string> $others words beside it, read whole, that name no part and are no value of a neighbour; capitals
     * @param bool $isOpen letters stand there that say nothing whole: its name may be among them, touched by a line
     */
    public function __construct(
        public bool $name,
        public string $value,
        public array $others,
        public bool $isOpen = false,
    ) {}

    public function isRead(): bool
    {
        return $this->name || $this->value !== '' || !$this->isOpen;
    }
}
