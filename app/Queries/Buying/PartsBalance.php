<?php

declare(strict_types=1);

namespace App\Queries\Buying;

use App\Support\Row;
use Brick\Math\BigDecimal;
use Chiralex\Supply\Plank;
use Chiralex\Supply\Planks;
use Chiralex\Trade\Dealing;
use Illuminate\Support\Facades\DB;

/**
 * Of each part: what lies in stock and is not on hold, what unfinished runs still take, what is ordered and has not come.
 *
 * @phpstan-import-type Need from KitNeeds
 */
final readonly class PartsBalance
{
    /** @var array<string, BigDecimal> */
    private array $onHand;
    /** @var array<string, array<int, BigDecimal>> part to run to pieces */
    private array $promised;
    /** @var array<string, BigDecimal> */
    private array $onOrder;

    public function __construct()
    {
        $this->onHand = self::onHandNow();
        $this->promised = self::promisedNow();
        $this->onOrder = self::onOrderNow();
    }

    public function onHand(string $part): BigDecimal
    {
        return $this->onHand[$part] ?? BigDecimal::zero();
    }

    public function onOrder(string $part): BigDecimal
    {
        return $this->onOrder[$part] ?? BigDecimal::zero();
    }

    public function promised(string $part): BigDecimal
    {
        return array_reduce(
            $this->promised[$part] ?? [],
            static fn(BigDecimal $sum, BigDecimal $each): BigDecimal => $sum->plus($each),
            BigDecimal::zero(),
        );
    }

    /**
     * How far each part of a kit reaches.
     *
     * @param array<array-key, Need> $needs
     */
    public function planks(array $needs): Planks
    {
        return Planks::of(
            array_values(
                array_map(
                    fn(array $need): Plank => new Plank(
                        $need['part'],
                        BigDecimal::of($need['pieces']),
                        $this->onHand($need['part']),
                        $this->promised($need['part']),
                        $this->onOrder($need['part']),
                    ),
                    $needs,
                ),
            ),
        );
    }

    /** @return array<int, BigDecimal> run to what it still takes of the part */
    public function runs(string $part): array
    {
        return $this->promised[$part] ?? [];
    }

    /** @return array<string, BigDecimal> */
    private static function onHandNow(): array
    {
        return self::byPart(
            Row::all(
                DB::table('lot_states')
                    ->join('stock_parts', 'stock_parts.id', '=', 'stock_part_id')
                    ->where('held', false)
                    ->groupBy('fingerprint')
                    ->selectRaw('fingerprint as part, sum(on_hand) as n'),
            ),
        );
    }

    /** @return array<string, BigDecimal> */
    private static function onOrderNow(): array
    {
        return self::byPart(
            Row::all(
                DB::table('purchase_lines')
                    ->join('purchases', 'purchases.id', '=', 'purchase_id')
                    ->leftJoinSub(
                        DB::table('purchase_receipts')
                            ->groupBy('purchase_line_id')
                            ->selectRaw('purchase_line_id, sum(quantity) as n, bool_or(is_last) as done'),
                        'came',
                        'came.purchase_line_id',
                        '=',
                        'purchase_lines.id',
                    )
                    ->whereNull('cancelled_at')
                    ->whereRaw('done is not true and pieces > coalesce(came.n, 0)')
                    ->groupBy('fingerprint')
                    ->selectRaw('fingerprint as part, sum(pieces - coalesce(came.n, 0)) as n'),
            ),
        );
    }

    /** @return array<string, array<int, BigDecimal>> */
    private static function promisedNow(): array
    {
        $promised = [];
        $taken = [];
        $open = DB::table('runs')
            ->leftJoin('run_states', 'run_states.run_id', '=', 'runs.id')
            ->whereRaw('coalesce(complete, 0) < packs');
        foreach (
            Row::all(
                DB::table('lot_moves')
                    ->whereIn('run_id', (clone $open)->select('runs.id'))
                    ->whereNotNull('line')
                    ->groupBy('run_id', 'line')
                    ->selectRaw('run_id, line, -sum(quantity) as n'),
            ) as $row
        ) {
            $taken[$row->int('run_id')][$row->int('line')] = $row->text('n');
        }
        $columns = ['runs.id', 'packs', 'pack_size', 'dealing', 'lines'];
        foreach (Row::all((clone $open)->orderBy('runs.id')->select($columns)) as $run) {
            /** @var list<array{part?: string, item: array{quantity: int, length: int|float|null}}> $lines */
            $lines = json_decode($run->text('lines'), true, 64, JSON_THROW_ON_ERROR);
            foreach ($lines as $at => $line) {
                $part = $line['part'] ?? '';
                $pieces = BigDecimal::of((string) ($line['item']['length'] ?? $line['item']['quantity']))
                    ->multipliedBy($run->int('packs'))
                    ->multipliedBy(Dealing::from($run->text('dealing'))->kitsAtOnce($run->int('pack_size')))
                    ->minus($taken[$run->int('id')][$at] ?? 0);
                if ($part !== '' && $pieces->isPositive()) {
                    $promised[$part][$run->int('id')] = ($promised[$part][$run->int('id')] ?? BigDecimal::zero())->plus(
                        $pieces,
                    );
                }
            }
        }

        return $promised;
    }

    /**
     * @param list<Row> $rows
     * @return array<string, BigDecimal>
     */
    private static function byPart(array $rows): array
    {
        $by = [];
        foreach ($rows as $row) {
            $by[$row->text('part')] = BigDecimal::of($row->text('n'));
        }

        return $by;
    }
}
