<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Build\BuildOrder;
use Chiralex\Build\LookAlikes;
use Chiralex\Kit\Kit;
use Chiralex\Kit\Wire;
use Chiralex\Polarity\Callout;
use ChiralexRender\Svg\CalloutPicture;
use ChiralexRender\Words;

/**
 * The document of `marks`: a callout for each part and wire with a direction.
 *
 * @phpstan-type Picture array{board: string, side: string, crop: array{float, float, float, float}, arrow: ?array{float, float, float, float}}
 * @phpstan-type CalloutShape array{designator: string, kind: string, fitMark: ?string, partMark: ?string, terminal: string, boardMark: ?string, bearing: ?float, direction: ?string, landmark: ?string, consequence: string, replaceTogether: list<string>, text: string, lead: string, ownWords: bool, step: ?int, alike: list<string>, picture: ?Picture}
 */
final readonly class MarksDocument
{
    /** Terminals that tell a builder more than the mark itself. */
    private const TERMINALS = ['cathode' => 'the cathode', 'anode' => 'the anode', 'negative' => 'the negative lead', 'positive' => 'the positive lead', 'pin 1' => 'pin 1', 'common pin' => 'the common pin', 'primary' => 'the primary side', 'pin 1 side' => 'the side of pin 1'];

    public function __construct(private Words $words) {}

    /**
     * @param list<Callout> $callouts
     * @return array{callouts: list<CalloutShape>}
     */
    public function of(array $callouts, Kit $kit, ?BuildOrder $order): array
    {
        $steps = $order === null ? [] : array_map(static fn(int $index): int => $order->steps[$index]->number, $order->stepOf());
        $alike = array_map(static fn(array $others): array => array_map(strval(...), array_keys($others)), (new LookAlikes())->of($kit));

        return ['callouts' => [
            ...array_map(fn(Callout $callout): array => $this->callout($callout, $kit, $steps, $alike), $callouts),
            ...array_map(fn(Wire $wire): array => $this->wire($wire, $kit, $steps), $kit->wires),
        ]];
    }

    /**
     * @param array<string, int> $steps
     * @param array<string, list<string>> $alike
     * @return CalloutShape
     */
    private function callout(Callout $callout, Kit $kit, array $steps, array $alike): array
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
            'lead' => $this->lead($callout),
            'ownWords' => isset($kit->words["callout.{$callout->designator}.text"]),
            'step' => $steps[$callout->designator] ?? null,
            'alike' => $alike[$callout->designator] ?? [],
            'picture' => (new CalloutPicture($kit))->of($callout->designator),
        ];
    }

    private function lead(Callout $callout): string
    {
        if ($callout->partMark === null) {
            return "{$callout->designator} has a direction but shows no mark: mark it before it is packed.";
        }
        $mark = ucfirst($this->words->mark($callout->partMark->value));
        $where = $callout->direction === null ? '' : " {$callout->direction}, towards " . (str_ends_with((string) $callout->landmark, ' edge') ? "the {$callout->landmark}" : (string) $callout->landmark);
        $stands = isset(self::TERMINALS[$callout->terminal]) ? ' It marks ' . self::TERMINALS[$callout->terminal] . '.' : '';
        $check = $callout->fitMark !== null && $callout->fitMark !== $callout->partMark ? ' Fit by the ' . $this->words->mark($callout->fitMark->value) . ', check by the ' . $this->words->mark($callout->partMark->value) . '.' : '';

        return "{$mark}{$where}.{$stands}{$check}";
    }

    private function text(Callout $callout): string
    {
        if ($callout->partMark === null) {
            return $this->lead($callout);
        }
        $together = $callout->replaceTogether === [] ? '' : ' Replace together: ' . implode(', ', $callout->replaceTogether) . '.';

        return "{$this->lead($callout)} {$this->words->consequence($callout->consequence->value)}{$together}";
    }

    /**
     * @param array<string, int> $steps
     * @return CalloutShape
     */
    private function wire(Wire $wire, Kit $kit, array $steps): array
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
            'lead' => $this->wireText($wire),
            'ownWords' => isset($kit->words["callout.{$wire->name}.text"]),
            'step' => $steps[$wire->name] ?? null,
            'alike' => [],
            'picture' => null,
            'text' => $kit->words["callout.{$wire->name}.text"] ?? $this->wireText($wire),
        ];
    }

    private function wireText(Wire $wire): string
    {
        $mm = static fn(float $length): string => rtrim(rtrim(number_format($length, 1, '.', ''), '0'), '.');
        $stripped = $wire->stripped === [] ? '' : ' Strip ' . implode(' and ', array_map(static fn(float $length): string => "{$mm($length)} mm", array_unique($wire->stripped))) . '.';
        $face = $wire->face === null ? '' : " It leaves the {$wire->face} side.";
        $relief = $wire->relief === '' ? '' : " Strain relief: {$wire->relief}.";

        return trim(ucfirst("{$wire->colour} wire from {$wire->from} to {$wire->to}")) . ($wire->length === null ? '.' : ", {$mm($wire->length)} mm.") . $stripped . $face . $relief;
    }
}
