<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** What was measured and logged of a kit. */
final readonly class KitLogs
{
    /**
     * @param list<PilotEntry> $pilot logged builds
     * @param list<Measurement> $measurements pieces of lots that were measured
     * @param list<OldParagraph> $oldTexts of manuals that were there before
     * @param list<Weighing> $weighings of parts and of whole bags
     * @param array<array-key, float> $losses designator to the share of its pieces that are lost or faulty, where the maker says so
     */
    public function __construct(
        public array $pilot = [],
        public array $measurements = [],
        public FirstKit $first = new FirstKit(),
        public array $oldTexts = [],
        public array $weighings = [],
        public array $losses = [],
    ) {}
}
