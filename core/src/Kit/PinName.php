<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** A terminal of a part, as kit.json writes it: `J1.2`; a part alone where its terminal is not said. */
final readonly class PinName
{
    private function __construct(public string $part, public string $pin) {}

    public static function read(string $text): self
    {
        [$part, $pin] = [...explode('.', $text, 2), ''];

        return new self($part, $pin);
    }
}
