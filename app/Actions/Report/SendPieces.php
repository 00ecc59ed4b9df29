<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Actions\Library\Fingerprint;
use App\Actions\Library\PartLibrary;
use App\Actions\Sales\ChangeOrder;
use App\Actions\Sales\ImpossibleMove;
use App\Actions\Sales\MakeGoods;
use App\Actions\Sales\NewOrder;
use App\Actions\Sales\OrderBook;
use App\Actions\Sales\OrderConflict;
use App\Actions\Sales\TakeOrder;
use App\Actions\Sales\WriteArticle;
use App\Actions\Stock\ImpossibleLot;
use App\Models\Article;
use App\Models\Customer;
use App\Models\Mail;
use App\Models\Order;
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
        private ChangeOrder $change,
    ) {}

    /**
     * An answer that was taken back takes its parcel with it, if that is still in the house.
     *
     * @throws OrderConflict when somebody changed its order just now
     */
    public function callBack(Mail $answer, ?int $userId): void
    {
        $order = Order::query()
            ->where('number', ReportParcel::number($answer->report_id ?? 0))
            ->where('source', 'report')
            ->first();
        if ($order === null) {
            return;
        }
        $changes = DB::table('order_changes')->where('order_id', $order->id);
        // A later letter of the same report has sent nothing.
        $since = $changes->max('created_at') ?? $order->created_at;
        $first = Mail::query()->where('report_id', $answer->report_id)->where('created_at', '>=', $since)->min('id');
        $isOpen = DB::table('order_states')->where('order_id', $order->id)->where('closed', false)->exists();
        if ($isOpen && $first === $answer->id) {
            $operation = Uuid::uuid5(Uuid::NAMESPACE_OID, "mail {$answer->id} taken back")->toString();
            $this->change->cancel($order->id, $changes->count(), 'the answer was taken back', $operation, $userId);
        }
    }

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
            // One parcel a report, whatever is pressed again; a new one only after the last was called back.
            $number = ReportParcel::number($report->id);
            $before = Order::query()->where('number', $number)->first();
            $changes = $before === null ? 0 : DB::table('order_changes')->where('order_id', $before->id)->count();
            $operation = static fn(string $what): string => Uuid::uuid5(
                $report->operation_id,
                $changes === 0 ? "pieces {$what}" : "pieces {$what} {$changes}",
            )->toString();
            $article = $this->article($part, $kitId, $operation("article {$part->designator}"), $userId);
            $line = [
                'article' => $article->id,
                'quantity' => $pieces,
                'unitPrice' => 0,
                'currency' => Shop::ours()->currency,
            ];
            $taken = ($this->take)(
                new NewOrder(
                    $number,
                    now()->toDateString(),
                    $customer->name,
                    $customer->email ?? '',
                    $customer->address ?? '',
                    [$line],
                ),
                'report',
                $operation('order'),
                $userId,
            );
            if (!$taken['new']) {
                if (ChangeOrder::present($taken['id']) !== []) {
                    return;
                }
                $this->change->to($taken['id'], $changes, [$line], 'sent after all', $operation('again'), $userId);
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
