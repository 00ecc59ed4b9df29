<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** What a test is made with. */
final readonly class Meter
{
    /**
     * @param string $accuracy of the instrument, `0.5 %`, or empty
     * @param ?Trace $trace what an oscilloscope shows
     */
    public function __construct(
        public string $instrument = 'multimeter',
        public string $accuracy = '',
        public string $settings = '',
        public ?Trace $trace = null,
    ) {}
}
