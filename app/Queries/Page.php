<?php

declare(strict_types=1);

namespace App\Queries;

use Illuminate\Database\Query\Builder;
use Illuminate\Http\Request;

/** Which page of a list is wanted, and what is searched for in it. */
final readonly class Page
{
    public const ROWS = 50;
    private const MOST_ROWS = 100;
    private const MOST_PAGES = 100_000;
    private const SEARCH = 80;

    private function __construct(
        public int $number,
        public int $rows,
        public string $search,
        public string $sort,
        public bool $down,
    ) {}

    public static function of(Request $request): self
    {
        $text = static fn(string $name): string => is_string($request->query($name))
            ? mb_substr(mb_scrub(trim($request->query($name))), 0, self::SEARCH)
            : '';
        $number = static fn(string $name, int $usual, int $most): int => preg_match(
            '~^[1-9]\d{0,5}$~',
            $text($name),
        ) === 1
            ? min($most, (int) $text($name))
            : $usual;
        $sort = $text('sort');

        return new self(
            $number('page', 1, self::MOST_PAGES),
            $number('rows', self::ROWS, self::MOST_ROWS),
            $text('search'),
            ltrim($sort, '-'),
            str_starts_with($sort, '-'),
        );
    }

    public static function first(int $rows = self::ROWS): self
    {
        return new self(1, $rows, '', '', false);
    }

    /** What is searched for, as a pattern of `ilike`; signs of the pattern language stand for themselves. */
    public function pattern(): string
    {
        return '%' . addcslashes($this->search, '%_\\') . '%';
    }

    /** Only the rows of the page. */
    public function cut(Builder $query): Builder
    {
        return $query->limit($this->rows)->offset(($this->number - 1) * $this->rows);
    }

    /**
     * The order that is asked for; null where none is, or one that the list does not know.
     *
     * @param array<string, literal-string> $columns what may be sorted by
     * @param literal-string $last what settles equal rows
     * @return ?literal-string
     */
    public function order(array $columns, string $last): ?string
    {
        return isset($columns[$this->sort])
            ? $columns[$this->sort] . ($this->down ? ' desc' : ' asc') . " nulls last, {$last}"
            : null;
    }

    /** @return array{page: int, pages: int, total: int} what a list says of itself */
    public function told(int $total): array
    {
        return ['page' => $this->number, 'pages' => max(1, (int) ceil($total / $this->rows)), 'total' => $total];
    }
}
