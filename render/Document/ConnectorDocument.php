<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Kit\ConnectorPin;
use Chiralex\Kit\ConnectorTable;
use Chiralex\Kit\Kit;
use ChiralexRender\Svg\CalloutPicture;
use ChiralexRender\Words;

/**
 * What the nets say of connectors: a table of pins for Bench and manual, and a callout where two neighbours must not change places.
 *
 * @phpstan-import-type CalloutShape from MarksDocument
 * @phpstan-type PinRow array{pin: string, mark: string, net: string, volts: string, to: list<string>}
 * @phpstan-type ConnectorShape array{designator: string, kind: string, pins: list<PinRow>}
 */
final readonly class ConnectorDocument
{
    /** Parts named behind a pin. */
    private const NAMED = 6;

    public function __construct(private Words $words) {}

    /** @return list<ConnectorShape> */
    public function tables(Kit $kit): array
    {
        return array_map(
            fn(ConnectorTable $table): array => [
                'designator' => $table->designator,
                'kind' => $kit->part($table->designator)?->kind()->value ?? 'connector',
                'pins' => array_map(
                    fn(ConnectorPin $pin): array => [
                        'pin' => $pin->name,
                        'mark' => $this->mark($pin, $table),
                        'net' => $pin->net,
                        'volts' => $pin->volts === null ? '' : $this->volts($pin->volts),
                        'to' => [
                            ...array_slice($pin->to, 0, self::NAMED),
                            ...count($pin->to) > self::NAMED ? ['...'] : [],
                        ],
                    ],
                    $table->pins,
                ),
            ],
            ConnectorTable::all($kit),
        );
    }

    /**
     * @param array<string, int> $steps
     * @param list<string> $told designators that have a callout already
     * @return list<CalloutShape>
     */
    public function callouts(Kit $kit, array $steps, array $told): array
    {
        $callouts = [];
        foreach (ConnectorTable::all($kit) as $table) {
            $pairs = $table->exchanges($kit);
            if ($pairs === [] || in_array($table->designator, $told, true)) {
                continue;
            }
            $own = $kit->choices->words["callout.{$table->designator}.text"] ?? null;
            $text = implode(
                ' ',
                array_map(
                    fn(array $pair): string => $this->words->sentence('callout.exchange', [
                        'designator' => $table->designator,
                        'one' => $pair[0]->name,
                        'net' => $pair[0]->net,
                        'two' => $pair[1]->name,
                        'other' => $pair[1]->net,
                    ]),
                    array_slice($pairs, 0, 3),
                ),
            );
            $callouts[] = [
                'designator' => $table->designator,
                'kind' => $kit->part($table->designator)?->kind()->value ?? 'connector',
                'fitMark' => null,
                'partMark' => null,
                'terminal' => '',
                'boardMark' => null,
                'bearing' => null,
                'direction' => null,
                'landmark' => null,
                'consequence' => 'destroys-others',
                'replaceTogether' => [],
                'text' => $own ?? "{$text} {$this->words->sentence('callout.exchanged')}",
                'lead' => $text,
                'ownWords' => $own !== null,
                'step' => $steps[$table->designator] ?? null,
                'alike' => [],
                'picture' => (new CalloutPicture($kit))->of($table->designator),
                'second' => null,
                'exchange' => true,
                'why' => [$this->words->sentence('callout.why-exchange')],
            ];
        }

        return $callouts;
    }

    /** The sign of the highest voltage and of ground; the square pad of pin 1. */
    private function mark(ConnectorPin $pin, ConnectorTable $table): string
    {
        $volts = array_filter(
            array_map(static fn(ConnectorPin $each): ?float => $each->volts, $table->pins),
            static fn(?float $each): bool => $each !== null,
        );
        $most = $volts === [] ? 0.0 : max($volts);
        $sign = match (true) {
            $pin->volts === null || $most <= 0.0 || count($volts) < 2 => '',
            $pin->volts === 0.0 => "\u{2212}",
            $pin->volts === $most => '+',
            default => '',
        };
        $square = $pin->name === '1' ? $this->words->sentence('page.connector-square') : '';

        return implode(', ', array_diff([$sign, $square], ['']));
    }

    private function volts(float $volts): string
    {
        return str_replace(
            ['.', '-'],
            [$this->words->point(), "\u{2212}"],
            rtrim(rtrim(sprintf('%.2f', $volts), '0'), '.'),
        ) . "\u{2009}V";
    }
}
