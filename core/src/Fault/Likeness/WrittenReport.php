<?php

declare(strict_types=1);

namespace Chiralex\Fault\Likeness;

/** A report as it was written. */
final readonly class WrittenReport
{
    /**
     * @param string $kit by which reports are kept apart; empty where it is not known
     * @param string $symptom as chosen; empty where none was
     */
    public function __construct(
        public string $kit,
        public string $text,
        public string $symptom = '',
        public ?int $step = null,
    ) {}
}
