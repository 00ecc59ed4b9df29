<?php

declare(strict_types=1);

namespace App\Queries\Sales;

use App\Models\Revision;
use App\Queries\Buying\AskedMarket;
use App\Queries\Buying\KitNeeds;
use App\Queries\Buying\OfferBook;
use App\Support\Row;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Chiralex\Supply\Buying\BatchCurve;
use Chiralex\Supply\Buying\KitLines;
use Chiralex\Supply\Buying\Market;
use Chiralex\Supply\Buying\Rate;
use Chiralex\Supply\Buying\Tariff;
use Illuminate\Support\Facades\DB;

/**
 * What the parts of a batch cost when nothing is on hand: from the offers, else what the newest lot cost; what has neither is named.
 *
 * @phpstan-import-type Need from KitNeeds
 * @phpstan-type Told array{need: Need, tariffs: list<Tariff>, lot: ?BigDecimal}
 */
final readonly class PartsCost
{
    public function __construct(private KitNeeds $needs, private OfferBook $offers) {}

    /** @return array{parts: BigDecimal, spares: BigDecimal, unpriced: list<string>, fromLots: list<string>} of the whole batch */
    public function of(Revision $revision, int $kits): array
    {
        [$market, $lines] = $this->lines($revision);
        $curve = self::curved($market, $lines, $kits, $kits)[$kits];
        $spares = BigDecimal::zero();
        $byPart = array_column(
            array_map(static fn(array $line): array => [$line['need']['part'], $line['tariffs']], $lines),
            1,
            0,
        );
        foreach ($this->needs->spares($revision, $market, $byPart) as $part => $pieces) {
            $price = KitLines::unitCost($market, $byPart[$part] ?? []);
            $spares = $spares->plus(($price ?? BigDecimal::zero())->multipliedBy($pieces * $kits));
        }
        $titles = static fn(callable $which): array => array_values(
            array_map(static fn(array $line): string => $line['need']['title'], array_filter($lines, $which)),
        );

        return [
            'parts' => $curve ?? BigDecimal::zero(),
            'spares' => $spares,
            'unpriced' => $titles(static fn(array $line): bool => $line['tariffs'] === [] && $line['lot'] === null),
            'fromLots' => $titles(static fn(array $line): bool => $line['tariffs'] === [] && $line['lot'] !== null),
        ];
    }

    /** @return list<?float> of one kit, by the size of the batch from 1 on */
    public function curve(Revision $revision, int $most): array
    {
        [$market, $lines] = $this->lines($revision);
        $curve = [];
        foreach (self::curved($market, $lines, 1, $most) as $kits => $sum) {
            $curve[] = $sum?->dividedBy($kits, 4, RoundingMode::HALF_UP)->toFloat();
        }

        return $curve;
    }

    /** @return array{Market, list<Told>} */
    private function lines(Revision $revision): array
    {
        $needs = $this->needs->of($revision);
        $parts = array_column($needs, 'part');
        $asked = AskedMarket::of(
            $this->offers->suppliers(),
            $this->offers->tariffs($parts),
            array_map(static fn(array $each): Rate => $each['rate'], $this->offers->rates()),
        );
        $lots = $this->lots($parts);

        return [
            $asked->market,
            array_map(
                static fn(array $need): array => [
                    'need' => $need,
                    'tariffs' => $asked->tariffs[$need['part']] ?? [],
                    'lot' => $lots[$need['part']] ?? null,
                ],
                $needs,
            ),
        ];
    }

    /**
     * @param list<Told> $lines
     * @return array<int, ?BigDecimal>
     */
    private static function curved(Market $market, array $lines, int $from, int $to): array
    {
        $offered = $lots = [];
        foreach ($lines as $line) {
            if ($line['tariffs'] !== []) {
                $offered[] = ['pieces' => $line['need']['pieces'], 'tariffs' => $line['tariffs']];
            } elseif ($line['lot'] !== null) {
                $lots[] = $line['lot']->multipliedBy($line['need']['pieces']);
            }
        }
        $each = array_reduce(
            $lots,
            static fn(BigDecimal $sum, BigDecimal $lot): BigDecimal => $sum->plus($lot),
            BigDecimal::zero(),
        );
        $offers =
            $offered === [] ? array_fill($from, $to - $from + 1, 0) : BatchCurve::of($market, $offered, $from, $to);
        $curve = [];
        foreach ($offers as $kits => $minor) {
            $curve[$kits] =
                $minor === null ? null : BigDecimal::ofUnscaledValue($minor, 2)->plus($each->multipliedBy($kits));
        }

        return $curve;
    }

    /**
     * @param list<string> $parts
     * @return array<string, BigDecimal> what a piece of the newest lot cost
     */
    private function lots(array $parts): array
    {
        $costs = [];
        foreach (
            Row::all(
                DB::table('lot_states')
                    ->join('stock_parts', 'stock_parts.id', '=', 'stock_part_id')
                    ->whereIn('fingerprint', $parts)
                    ->where('is_received', true)
                    ->where('unit_cost', '>', 0)
                    ->selectRaw('distinct on (fingerprint) fingerprint, unit_cost')
                    ->orderByRaw('fingerprint, received_on desc, lot_id desc'),
            ) as $row
        ) {
            $costs[$row->text('fingerprint')] = BigDecimal::of($row->text('unit_cost'));
        }

        return $costs;
    }
}
