<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Models\Article;
use App\Models\Kit;
use App\Support\Row;
use Illuminate\Support\Facades\DB;

/** What is sold by which name: kits of the Shelf, articles of Stock, and what a shop outside calls them. */
final readonly class SoldNames
{
    /** @param array<string, array{kit: ?int, article: ?int}> $sold by name in small letters */
    private function __construct(private array $sold) {}

    /** @param array<string, int> $said what somebody said of names, to the article */
    public static function all(array $said = []): self
    {
        $sold = [];
        $articles = DB::table('article_names')->select(['name', 'article_id']);
        foreach (Row::all($articles) as $row) {
            $sold[$row->text('name')] = ['kit' => null, 'article' => $row->int('article_id')];
        }
        foreach (Article::query()->whereNotNull('name')->whereNull('retired_at')->get() as $article) {
            $sold[self::plain((string) $article->name)] = ['kit' => null, 'article' => $article->id];
        }
        foreach (Kit::query()->get() as $kit) {
            $sold[self::plain($kit->name)] = ['kit' => $kit->id, 'article' => null];
        }
        foreach ($said as $name => $article) {
            $sold[self::plain((string) $name)] = ['kit' => null, 'article' => $article];
        }

        return new self($sold);
    }

    /** @return ?array{kit: ?int, article: ?int} one of them; null where nobody sells it */
    public function find(string $name): ?array
    {
        return $this->sold[self::plain($name)] ?? null;
    }

    /**
     * Keeps what somebody said, so that the next table is understood by itself.
     *
     * @param array<string, int> $said
     */
    public static function keep(array $said): void
    {
        foreach ($said as $name => $article) {
            DB::table('article_names')->updateOrInsert(
                ['name' => self::plain((string) $name)],
                ['article_id' => $article, 'created_at' => now()],
            );
        }
    }

    private static function plain(string $name): string
    {
        return mb_strtolower(trim((string) preg_replace('~\s+~u', ' ', $name)));
    }
}
