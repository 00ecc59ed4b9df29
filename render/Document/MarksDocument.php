<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Kit\Kit;
use Chiralex\Kit\Wire;
use Chiralex\Polarity\Callout;
use ChiralexRender\Words;

/** The document of `marks`: a callout for each part and wire with a direction. */
final readonly class MarksDocument
{
    public function __construct(private Words $words) {}

    /**
     * @param list<Callout> $callouts
     * @return array{callouts: list<array<string, mixed>>}
     */
    public function of(array $callouts, Kit $kit): array
    {
        return ['callouts' => [
            ...array_map(fn(Callout $callout): array => $this->callout($callout, $kit), $callouts),
            ...array_map(fn(Wire $wire): array => $this->wire($wire, $kit), $kit->wires),
        ]];
    }

    /** @return array<string, mixed> */
    private function callout(Callout $callout, Kit $kit): array
    {
        return [
            'designator' => $callout->designator,
            'kind' => $callout->kind->value,
            'fitMark' => $callout->fitMark?->value,
            'partMark' => $callout->partMark?->value,
            'terminal' => $callout->terminal,
            'boardMark' => $callout->boardMark,
            'bearing' => $callout->bearing,
            'direction' => $callout->direction,
            'landmark' => $callout->landmark,
            'consequence' => $callout->consequence->value,
            'replaceTogether' => $callout->replaceTogether,
            'text' => $kit->words["callout.{$callout->designator}.text"] ?? $this->text($callout),
        ];
    }

    private function text(Callout $callout): string
    {
        if ($callout->partMark === null) {
            return "{$callout->designator} has a direction but shows no mark: mark it before it is packed.";
        }
        $mark = ucfirst($this->words->mark($callout->partMark->value));
        $where = $callout->direction === null ? '' : " {$callout->direction}, towards " . (str_ends_with((string) $callout->landmark, ' edge') ? "the {$callout->landmark}" : (string) $callout->landmark);
        $stands = $callout->terminal === '' ? '' : ' It marks ' . (in_array($callout->terminal, ['cathode', 'anode', 'negative', 'positive'], true) ? "the {$callout->terminal}" . (str_ends_with($callout->terminal, 'tive') ? ' lead' : '') : $callout->terminal) . '.';
        $check = $callout->fitMark !== null && $callout->fitMark !== $callout->partMark ? ' Fit by the ' . $this->words->mark($callout->fitMark->value) . ', check by the ' . $this->words->mark($callout->partMark->value) . '.' : '';
        $together = $callout->replaceTogether === [] ? '' : ' Replace together: ' . implode(', ', $callout->replaceTogether) . '.';

        return "{$mark}{$where}.{$stands}{$check} {$this->words->consequence($callout->consequence->value)}{$together}";
    }

    /** @return array<string, mixed> */
    private function wire(Wire $wire, Kit $kit): array
    {
        return [
            'designator' => $wire->name,
            'kind' => 'wire',
            'fitMark' => 'colour',
            'partMark' => 'colour',
            'terminal' => "{$wire->from} to {$wire->to}",
            'boardMark' => null,
            'bearing' => null,
            'direction' => null,
            'landmark' => null,
            'consequence' => 'itself-damaged',
            'replaceTogether' => [],
            'text' => $kit->words["callout.{$wire->name}.text"] ?? trim(ucfirst("{$wire->colour} wire from {$wire->from} to {$wire->to}")) . ($wire->length === null ? '.' : sprintf(', %s mm.', rtrim(rtrim(number_format($wire->length, 1, '.', ''), '0'), '.'))),
        ];
    }
}
