<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Actions\Library\Fingerprint;
use App\Actions\Library\PartLibrary;
use App\Actions\Sales\ImpossibleMove;
use App\Actions\Sales\MakeGoods;
use App\Actions\Sales\NewOrder;
use App\Actions\Sales\OrderBook;
use App\Actions\Sales\TakeOrder;
use App\Actions\Sales\WriteArticle;
use App\Actions\Stock\ImpossibleLot;
use App\Models\Article;
use App\Models\Customer;
use App\Models\Release;
use App\Models\Report;
use App\Models\Shop;
use App\Queries\Kit\KitFolder;
use App\Queries\Report\ReportParcel;
use Chiralex\Kit\KitPart;
use Chiralex\Trade\ArticleForm;
use Chiralex\Trade\GoodsEntry;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/** Pieces that a customer lacks become a parcel: taken from stock, an order without a price that is set aside, its slip in Sales. */
final readonly class SendPieces
{
    public function __construct(
        private KitFolder $folder,
        private WriteArticle $articles,
        private MakeGoods $make,
        private TakeOrder $take,
        private OrderBook $book,
    ) {}

    /**
     * @param int<1, 100> $pieces
     * @throws NotToBeSent when the report names no customer, or its kit has no such part
     * @throws ImpossibleLot when the lot in the bin is on hold
     * @throws ImpossibleMove when they cannot be set aside
     */
    public function __invoke(int $reportId, string $designator, int $pieces, ?int $userId): void
    {
        $report = Report::query()->findOrFail($reportId);
        $revision = Release::query()->find($report->release_id)?->revision;
        $part = $revision === null ? null : $this->folder->kit($revision)->part($designator);
        if ($revision === null || $part === null) {
            throw NotToBeSent::noPart($designator);
        }
        $kitId = $revision->kit_id;
        DB::transaction(function () use ($report, $kitId, $part, $pieces, $userId): void {
            $customer = Customer::query()->whereNull('erased_at')->find($report->customer_id);
            if ($customer === null) {
                throw NotToBeSent::nobody($report->id);
            }
            // One parcel a report, whatever is pressed again.
            $operation = static fn(string $what): string => Uuid::uuid5(
                $report->operation_id,
                "pieces {$what}",
            )->toString();
            $article = $this->article($part, $kitId, $operation("article {$part->designator}"), $userId);
            $taken = ($this->take)(
                new NewOrder(
                    ReportParcel::number($report->id),
                    now()->toDateString(),
                    $customer->name,
                    $customer->email ?? '',
                    $customer->address ?? '',
                    [
                        [
                            'article' => $article->id,
                            'quantity' => $pieces,
                            'unitPrice' => 0,
                            'currency' => Shop::ours()->currency,
                        ],
                    ],
                ),
                'report',
                $operation('order'),
                $userId,
            );
            if (!$taken['new']) {
                return;
            }
            ($this->make)($article, GoodsEntry::Made, $pieces, $operation('made'), $userId, "for report {$report->id}");
            $this->book->allocate($taken['id'], $operation('aside'), $userId);
        });
    }

    /** One piece of a part, as it is sold too; what is not sold yet is made for this. */
    private function article(KitPart $part, int $kitId, string $operation, ?int $userId): Article
    {
        $print = Fingerprint::of($part);
        $known = Article::query()
            ->where('form', ArticleForm::Spare)
            ->whereNull('retired_at')
            ->whereIn(
                'id',
                DB::table('article_parts')
                    ->join('stock_parts', 'stock_parts.id', '=', 'stock_part_id')
                    ->where('fingerprint', $print)
                    ->where('quantity', 1)
                    ->select('article_id'),
            )
            ->orderBy('id')
            ->first();

        return $known ??
            $this->articles->make(
                ArticleForm::Spare,
                'Spare ' . PartLibrary::title($part),
                $kitId,
                null,
                Shop::ours()->currency,
                [
                    [
                        'fingerprint' => $print,
                        'title' => PartLibrary::title($part),
                        'quantity' => '1',
                        'unit' => 'piece',
                    ],
                ],
                $operation,
                $userId,
            );
    }
}
