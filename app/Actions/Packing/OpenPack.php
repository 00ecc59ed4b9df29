<?php

declare(strict_types=1);

namespace App\Actions\Packing;

use App\Actions\Sales\ImpossibleMove;
use App\Actions\Sales\KnowArticle;
use App\Actions\Sales\PackedAs;
use App\Actions\Sales\UnitLedger;
use App\Models\Article;
use App\Support\Audit;
use App\Support\Locks;
use App\Support\Row;
use Chiralex\Trade\ArticleForm;
use Chiralex\Trade\Whereabouts;
use Illuminate\Support\Facades\DB;

/** Opens the oldest class pack of a kind: its kits are single ones from then on. */
final readonly class OpenPack
{
    public function __construct(private UnitLedger $ledger, private KnowArticle $articles) {}

    /**
     * @return list<string> serial numbers that were in it
     * @throws ImpossibleMove when none is on hand
     */
    public function __invoke(Article $article, string $operationId, ?int $userId): array
    {
        return DB::transaction(function () use ($article, $operationId, $userId): array {
            Locks::take('pack', [$article->id]);
            if (!$this->ledger->has($operationId)) {
                $packs = $article->form === ArticleForm::ClassPack ? $this->ledger->ofArticle($article, 1) : [];
                if ($packs === []) {
                    throw ImpossibleMove::noPack($article->title());
                }
                ($this->articles)(new PackedAs($article->kit_id ?? 0, $article->options));
                $this->ledger->enter($packs[0], Whereabouts::Opened, $operationId, null, $userId);
                Audit::record($userId, 'pack.open', null, ['article' => $article->id, 'units' => $packs[0]]);
            }

            return array_map(
                static fn(Row $row): string => $row->text('serial'),
                Row::all(
                    DB::table('unit_moves')
                        ->join('units', 'units.id', '=', 'unit_id')
                        ->where('operation_id', $operationId)
                        ->orderBy('units.id')
                        ->select('serial'),
                ),
            );
        });
    }
}
