<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Bom\PartsList;
use Chiralex\Reason\Problem;

/** What was found when the files were read. */
final readonly class Findings
{
    /** What the files of the boards say. */
    public BoardReading $drawn;

    /**
     * @param list<Problem> $problems of all files
     * @param list<string> $strayPlacements designators placed but not in the parts list
     * @param list<string> $unknownNames designators the kit file names that are nowhere else
     * @param list<string> $openSockets ICs whose socket could not be told
     */
    public function __construct(
        public PartsList $list,
        public array $problems = [],
        public array $strayPlacements = [],
        public array $unknownNames = [],
        public array $openSockets = [],
        public bool $hasPlacements = false,
        ?BoardReading $drawn = null,
    ) {
        $this->drawn = $drawn ?? BoardReading::none();
    }
}
