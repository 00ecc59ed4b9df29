<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Models\Article;
use App\Support\Row;
use Chiralex\Trade\ArticleForm;
use Chiralex\Trade\Dealing;
use Illuminate\Support\Facades\DB;

/** The article that a kit is sold as; it is there from the day a kit is first packed or ordered so. */
final readonly class KnowArticle
{
    public function __invoke(PackedAs $packed): int
    {
        $is = [
            'kit_id' => $packed->kitId,
            'options' => $packed->options,
            'pack_size' => $packed->packSize,
            'dealing' => Dealing::of($packed->packSize, $packed->dealing)->value,
        ];
        $form = $packed->packSize === 1 ? ArticleForm::Kit : ArticleForm::ClassPack;
        DB::table('articles')->insertOrIgnore($is + ['form' => $form->value, 'created_at' => now()]);

        return Row::first(Article::query()->where($is)->whereNull('name')->select('id')->toBase())?->int('id') ?? 0;
    }
}
