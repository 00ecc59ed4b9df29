<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Actions\Export\ExportKind;
use App\Devices\Feed\FeedFolder;
use App\Models\Export;
use App\Models\Shop;
use App\Queries\Export\Pages;
use App\Queries\Sales\Customs;
use App\Queries\Sales\Parcel;
use Chiralex\ChiralexException;
use Chiralex\Table\CsvWriter;
use ChiralexAdapters\BookPdf;
use ChiralexAdapters\UnusableProgram;
use ChiralexRender\Print\PageMark;
use Closure;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * For each parcel that is set aside a table of what the carrier asks, and its slip, come to lie in the folder: once, and anew when it
 * was set aside anew.
 */
final readonly class TellCarrier
{
    private const AT_ONCE = 20;

    public function __construct(
        private FeedFolder $feed,
        private Parcel $parcel,
        private Customs $customs,
        private Pages $pages,
        private BookPdf $book,
    ) {}

    /** @return int parcels that were told */
    public function __invoke(): int
    {
        $told = 0;
        foreach ($this->parcels() as $order) {
            try {
                $this->tell($order);
            } catch (ChiralexException | UnusableProgram $fault) {
                // The next minute tries again.
                report($fault);
                continue;
            }
            DB::table('carrier_files')->updateOrInsert(['order_id' => $order], ['created_at' => now()]);
            ++$told;
        }

        return $told;
    }

    /** @return list<int> */
    private function parcels(): array
    {
        $anew = static fn(string $book): Closure => static fn(Builder $moves): Builder => $moves
            ->from($book)
            ->whereColumn("{$book}.order_id", 'order_states.order_id')
            ->where('entry', 'allocated')
            ->whereColumn("{$book}.created_at", '>', 'carrier_files.created_at');

        /** @var list<int> */
        return DB::table('order_states')
            ->leftJoin('carrier_files', 'carrier_files.order_id', '=', 'order_states.order_id')
            ->where('stage', 'allocated')
            ->where(
                static fn(Builder $either): Builder => $either
                    ->whereNull('carrier_files.order_id')
                    ->orWhereExists($anew('unit_moves'))
                    ->orWhereExists($anew('article_moves')),
            )
            ->orderBy('order_states.order_id')
            ->limit(self::AT_ONCE)
            ->pluck('order_states.order_id')
            ->all();
    }

    /**
     * @throws ChiralexException when the files of a kit cannot be read
     * @throws UnusableProgram when nothing can be printed
     */
    private function tell(int $order): void
    {
        $parcel = $this->parcel->of($order);
        $declared = $this->customs->of($order);
        $grams = array_column($declared['lines'], 'grams');
        $known = !in_array(null, $grams, true);
        $rows = [['number', 'name', 'address', 'contents', 'pieces', 'net_grams', 'value', 'currency', 'origin']];
        $rows[] = [
            $parcel['number'],
            $parcel['name'],
            str_replace("\n", ', ', $parcel['address']),
            implode(', ', array_column($declared['lines'], 'article')),
            (string) array_sum(array_column($declared['lines'], 'quantity')),
            $known ? (string) (int) ceil(array_sum($grams)) : '',
            $declared['total'],
            $declared['currency'],
            Shop::ours()->country,
        ];
        $slip = $this->pages->of(
            new Export([
                'kind' => ExportKind::PackingSlip,
                'subject' => $order,
                'paper' => Shop::ours()->paper,
                'options' => '',
            ]),
        );
        $csv = new CsvWriter();
        $this->feed->put("{$parcel['number']}.pdf", $this->book->print($slip['html'], PageMark::filled(...)));
        $this->feed->put("{$parcel['number']}.csv", implode('', array_map($csv->record(...), $rows)));
    }
}
