<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Reason\Matter;
use Chiralex\Reason\Station;
use ChiralexRender\Told;
use ChiralexRender\Words;

/** The document of `check`. */
final readonly class CheckDocument
{
    public function __construct(private Words $words) {}

    /**
     * @param list<Matter> $matters
     * @param list<Station> $notBegun
     * @return array{matters: list<array{severity: string, station: string, code: string, message: string, designators: list<string>}>, notBegun: list<string>}
     */
    public function of(array $matters, array $notBegun): array
    {
        $told = new Told($this->words);

        return [
            'matters' => array_map(static fn(Matter $matter): array => $told->matter($matter), $matters),
            'notBegun' => array_map(static fn(Station $station): string => $station->value, $notBegun),
        ];
    }
}
