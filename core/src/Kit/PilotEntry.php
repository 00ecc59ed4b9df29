<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** One step of a pilot build as the maker logged it. */
final readonly class PilotEntry
{
    /** What stands before the name of a test in the step of a logged reading. */
    public const READING = 'reading:';

    /**
     * @param int $build which pilot build
     * @param string $step action and parts, `solder:R1,R2`: never a number, for numbers change; `snag solder:R1,R2` for a snag noted beside the step
     * @param ?float $minutes by the stopwatch
     * @param string $snag what went wrong, empty where nothing did
     * @param bool $settled true once the maker has dealt with the snag
     * @param string $photo name of a picture kept elsewhere
     * @param string $reading what the meter showed, as typed, at a step `reading:<test>`
     */
    public function __construct(
        public int $build,
        public string $step,
        public ?float $minutes,
        public string $snag,
        public bool $settled,
        public string $photo,
        public string $reading = '',
    ) {}

    public function action(): string
    {
        return preg_replace('~^snag ~', '', explode(':', $this->step, 2)[0]) ?? '';
    }

    /** @return list<string> designators of the step as it was then */
    public function names(): array
    {
        return array_values(
            array_filter(
                explode(',', explode(':', $this->step, 2)[1] ?? ''),
                static fn(string $name): bool => $name !== '',
            ),
        );
    }
}
