<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Marking\BandDecoding;
use Chiralex\Marking\Bands;
use Chiralex\Marking\CodeDecoding;
use Chiralex\Marking\Codes;
use Chiralex\Marking\Colour;
use Chiralex\Marking\Eia96;
use Chiralex\Marking\Exception\NoDecoding;
use Chiralex\Marking\Grounds;
use Chiralex\Marking\MarkingWriter;
use Chiralex\Quantity\EngineeringValue;
use Chiralex\Quantity\Series;
use Chiralex\Quantity\Unit;
use ChiralexRender\Text\PartMarking;
use ChiralexRender\Told;
use ChiralexRender\Words;

/** The documents of `decode`, `bands` and `encode`. */
final readonly class MarkingDocuments
{
    private Told $told;

    public function __construct(Words $words)
    {
        $this->told = new Told($words);
    }

    /**
     * @return array{code: string, readings: list<array{value: string, unit: string, display: string, scheme: string, tolerance: ?string, voltage: ?string, dielectric: ?string, rank: int, reasons: list<array<string, mixed>>}>}
     * @throws NoDecoding when the code has no legal reading
     */
    public function decode(string $code, ?Unit $unit): array
    {
        $readings = (new Codes())->read($code, $unit);

        return [
            'code' => $code,
            'readings' => array_map(
                fn(CodeDecoding $reading, int $index): array => [
                    'value' => $reading->value->plain(),
                    'unit' => $reading->value->unit->value,
                    'display' => $reading->value->display(),
                    'scheme' => $reading->scheme->value,
                    'tolerance' => $reading->tolerance,
                    'voltage' => $reading->voltage,
                    'dielectric' => $reading->dielectric,
                    'rank' => $index + 1,
                    'reasons' => $this->told->reasons(Grounds::of($reading)),
                ],
                $readings,
                array_keys($readings),
            ),
        ];
    }

    /**
     * @return array{bands: list<string>, readings: list<array{value: string, unit: string, display: string, tolerance: string, direction: string, temperatureCoefficient: ?int, rank: int, reasons: list<array<string, mixed>>}>}
     * @throws NoDecoding when a word is no colour, or the bands have no legal reading
     */
    public function bands(string $text): array
    {
        $colours = Bands::words($text);
        $readings = (new Bands())->read($colours);

        return [
            'bands' => PartMarking::words($colours),
            'readings' => array_map(
                fn(BandDecoding $reading, int $index): array => [
                    'value' => $reading->value->plain(),
                    'unit' => $reading->value->unit->value,
                    'display' => $reading->value->display(),
                    'tolerance' => $reading->tolerance,
                    'direction' => $reading->reverse ? 'reverse' : 'forward',
                    'temperatureCoefficient' => $reading->temperatureCoefficient,
                    'rank' => $index + 1,
                    'reasons' => $this->told->reasons(Grounds::of($reading)),
                ],
                $readings,
                array_keys($readings),
            ),
        ];
    }

    /** @return array{value: string, unit: string, display: string, series: list<string>, bands4: ?list<string>, bands5: ?list<string>, codes: array{three: ?string, four: ?string, eia96: ?string}} */
    public function encode(EngineeringValue $value, ?string $tolerance): array
    {
        $writer = new MarkingWriter();
        $four = $writer->bands($value, 2, $tolerance ?? '5');
        $five = $writer->bands($value, 3, $tolerance ?? '1');

        return [
            'value' => $value->plain(),
            'unit' => $value->unit->value,
            'display' => $value->display(),
            'series' => array_map(static fn(Series $series): string => $series->name, Series::of($value)),
            'bands4' => $four === null ? null : PartMarking::words($four),
            'bands5' => $five === null ? null : PartMarking::words($five),
            'codes' => [
                'three' => $writer->three($value),
                'four' => $writer->four($value),
                'eia96' =>
                    $value->unit === Unit::Ohm && !$value->amount->isZero() ? (new Eia96())->write($value) : null,
            ],
        ];
    }
}
