<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** A wire, treated like a polarised part. */
final readonly class Wire
{
    /**
     * @param ?float $length millimetres
     * @param list<float> $stripped millimetres at either end
     */
    public function __construct(
        public string $name,
        public string $from,
        public string $to,
        public ?float $length,
        public string $colour,
        public array $stripped,
        public ?string $face,
        public string $relief,
    ) {}

    /** @return array{PinName, PinName} */
    public function ends(): array
    {
        return [PinName::read($this->from), PinName::read($this->to)];
    }
}
