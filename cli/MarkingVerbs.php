<?php

declare(strict_types=1);

namespace ChiralexCli;

use Chiralex\Marking\Exception\NoDecoding;
use Chiralex\Quantity\Unit;
use Chiralex\Quantity\ValueFault;
use Chiralex\Quantity\ValueReader;
use ChiralexRender\Document\MarkingDocuments;
use ChiralexRender\Words;

/** `decode`, `bands`, `encode`. */
final readonly class MarkingVerbs
{
    /**
     * @param list<string> $arguments
     * @throws UsageError
     * @throws NoDecoding
     */
    public function decode(array $arguments): Outcome
    {
        $read = Arguments::parse($arguments, ['kind'], 'chiralex decode CODE [--kind resistor|capacitor|inductor]');

        return new Outcome(
            (new MarkingDocuments(Words::english()))->decode($read->only('decode'), $this->unit($read->flag('kind'))),
        );
    }

    /**
     * @param list<string> $arguments
     * @throws UsageError
     * @throws NoDecoding
     */
    public function bands(array $arguments): Outcome
    {
        $read = Arguments::parse($arguments, [], 'chiralex bands "yellow violet orange gold"');
        if ($read->words === []) {
            throw UsageError::missing('bands', 'chiralex bands "yellow violet orange gold"');
        }

        return new Outcome((new MarkingDocuments(Words::english()))->bands(implode(' ', $read->words)));
    }

    /**
     * @param list<string> $arguments
     * @throws UsageError
     * @throws NoDecoding
     */
    public function encode(array $arguments): Outcome
    {
        $read = Arguments::parse(
            $arguments,
            ['kind', 'tolerance'],
            'chiralex encode VALUE [--kind resistor|capacitor|inductor] [--tolerance 5]',
        );
        $text = $read->only('encode');
        $unit = $this->unit($read->flag('kind')) ?? $this->unitOf($text);
        $value = (new ValueReader())->read($text, $unit);
        if ($value instanceof ValueFault) {
            throw NoDecoding::ofValue($text, $value->position, $value->found);
        }
        $tolerance = $read->flag('tolerance');
        if ($tolerance !== null && preg_match('~^\d+(?:\.\d+)?\s*%?$~', $tolerance) !== 1) {
            throw UsageError::badValue('--tolerance', $tolerance, 'percent, like 5 or 0.1');
        }

        return new Outcome(
            (new MarkingDocuments(Words::english()))->encode(
                $value->value,
                $tolerance === null ? $value->tolerance : rtrim($tolerance, ' %'),
            ),
        );
    }

    /** @throws UsageError when the kind is none of the three */
    private function unit(?string $kind): ?Unit
    {
        return match ($kind) {
            null => null,
            'resistor' => Unit::Ohm,
            'capacitor' => Unit::Farad,
            'inductor' => Unit::Henry,
            default => throw UsageError::badValue('--kind', $kind, 'resistor, capacitor or inductor'),
        };
    }

    /** Without a kind the unit written decides; a bare number is ohms. */
    private function unitOf(string $text): Unit
    {
        return match (1) {
            preg_match('~\d\s*[pnu\x{00B5}\x{03BC}m]?F~u', $text),
            preg_match('~\d\s*[pnu\x{00B5}\x{03BC}]\d*$~u', $text)
                => Unit::Farad,
            preg_match('~\d\s*[nu\x{00B5}\x{03BC}m]?H~u', $text) => Unit::Henry,
            default => Unit::Ohm,
        };
    }
}
