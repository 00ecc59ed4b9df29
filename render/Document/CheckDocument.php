<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Reason\Matter;
use ChiralexRender\Told;
use ChiralexRender\Words;

/** The document of `check`. */
final readonly class CheckDocument
{
    public function __construct(private Words $words) {}

    /**
     * @param list<Matter> $matters
     * @return array{matters: list<array{severity: string, station: string, code: string, message: string, designators: list<string>}>}
     */
    public function of(array $matters): array
    {
        $told = new Told($this->words);

        return ['matters' => array_map(static fn(Matter $matter): array => $told->matter($matter), $matters)];
    }
}
