<?php

declare(strict_types=1);

namespace App\Queries\Buying;

use App\Queries\Sales\RunsOut;
use App\Support\Row;
use Chiralex\Supply\Apportion;
use Illuminate\Support\Facades\DB;

/** Of a batch how many kits are made with which options: by their share in the orders of the last half year. */
final readonly class OptionMix
{
    /** @var array<int, array<string, int>> */
    private array $ordered;

    /** @param list<int> $kits */
    public function __construct(array $kits)
    {
        $ordered = [];
        $rows = DB::table('order_lines')
            ->join('articles', 'articles.id', '=', 'article_id')
            ->join('order_states', 'order_states.order_id', '=', 'order_lines.order_id')
            ->whereIn('form', ['kit', 'class'])
            ->whereIn('kit_id', $kits)
            ->where('placed_on', '>', now()->subWeeks(RunsOut::WEEKS)->toDateString())
            ->groupBy('kit_id', 'options')
            ->havingRaw('sum(quantity) > 0')
            ->orderBy('options')
            ->selectRaw('kit_id, options, sum(quantity * pack_size)::int as n');
        foreach (Row::all($rows) as $row) {
            $ordered[$row->int('kit_id')][$row->text('options')] = $row->int('n');
        }
        $this->ordered = $ordered;
    }

    /**
     * @param callable(string): bool $offered whether the revision still has such options
     * @return array<string, int> options to kits; all as usual where nobody ordered yet
     */
    public function of(int $kit, int $kits, callable $offered): array
    {
        $shares = array_filter($this->ordered[$kit] ?? [], $offered, ARRAY_FILTER_USE_KEY);
        $mix = array_filter(Apportion::of($kits, $shares), static fn(int $many): bool => $many > 0);

        return $mix === [] ? ['' => $kits] : $mix;
    }
}
