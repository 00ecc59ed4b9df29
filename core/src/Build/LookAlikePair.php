<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Marking\Confusion;
use Chiralex\Part\Kind;

/** Parts of one look and parts of another that a builder may take for each other. */
final readonly class LookAlikePair
{
    /**
     * @param non-empty-list<string> $these designators
     * @param non-empty-list<string> $those
     */
    public function __construct(
        public array $these,
        public array $those,
        public Kind $kind,
        public Confusion $confusion,
    ) {}
}
