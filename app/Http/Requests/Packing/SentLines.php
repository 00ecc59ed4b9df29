<?php

declare(strict_types=1);

namespace App\Http\Requests\Packing;

use Chiralex\Bagging\Packing\ScalePattern;
use Chiralex\Bagging\Packing\ScaleReading;

/** Lines of a scale that is connected to the browser, each with its seconds. */
final readonly class SentLines
{
    public const RULES = [
        'lines' => ['sometimes', 'array', 'max:400'],
        'lines.*.at' => ['required', 'numeric'],
        'lines.*.text' => ['required', 'string', 'max:80'],
    ];

    /**
     * @param list<array{at: int|float|string, text: string}> $lines
     * @return list<ScaleReading> what fits the pattern, in the order of time
     */
    public static function readings(array $lines, ScalePattern $pattern): array
    {
        $readings = [];
        foreach ($lines as $line) {
            $reading = $pattern->read($line['text'], (float) $line['at']);
            if ($reading !== null) {
                $readings[] = $reading;
            }
        }
        usort($readings, static fn(ScaleReading $a, ScaleReading $b): int => $a->at <=> $b->at);

        return $readings;
    }
}
