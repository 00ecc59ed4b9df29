<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** One part that differs between two revisions. */
final readonly class PartDifference
{
    /**
     * @param string $designator in the later revision; in the earlier one where it was removed
     * @param string $was designator in the earlier revision; empty where it was added
     * @param ?KitPart $before null where it was added
     * @param ?KitPart $after null where it was removed
     * @param list<string> $fields what differs: kind, value, outline, height, supply, place, legend, mark, quantity
     */
    public function __construct(
        public Change $change,
        public string $designator,
        public string $was,
        public ?KitPart $before,
        public ?KitPart $after,
        public array $fields,
    ) {}
}
