<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** What the maker says of a part beside its body. */
final readonly class PartNotes
{
    /**
     * @param list<string> $lookAlikes designators the maker names as look-alikes
     * @param ?string $legend what the board prints at its place: designator, value, both, outline, nothing
     * @param string $prints the very text the board prints for its value, where it is known
     * @param string $fileValue the value a component layer names, where it does
     * @param list<string> $allowed values the maker allows in its place
     * @param list<string> $forbidden values the maker forbids in its place
     * @param string $spread how its values lie within its tolerance: even, bell, hollow
     */
    public function __construct(
        public array $lookAlikes,
        public ?string $legend,
        public string $usedAt,
        public string $prints,
        public string $fileValue,
        public array $allowed,
        public array $forbidden,
        public string $spread,
    ) {}
}
