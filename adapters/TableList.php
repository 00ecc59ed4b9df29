<?php

declare(strict_types=1);

namespace ChiralexAdapters;

use Chiralex\Kit\DroppedTable;

/** Tables of a kit whose names say nothing: which is the parts list, which holds the places, by what stands in them. */
final readonly class TableList
{
    public const LIST = 'bom.csv';
    public const PLACES = 'placements.csv';
    private const ENDINGS = ['csv', 'tsv', 'xlsx'];
    /** Tables looked at. */
    private const MOST = 12;

    /** @param array<string, string> $tables delimited text by what the maker calls it, `kit.xlsx: Sheet2` */
    private function __construct(private array $tables) {}

    public static function isTable(string $name): bool
    {
        return in_array(strtolower(pathinfo($name, PATHINFO_EXTENSION)), self::ENDINGS, true);
    }

    /**
     * @param array<string, string> $files name to bytes, workbooks with all their sheets
     * @throws UnusableFile when a workbook cannot be read
     */
    public static function of(array $files): self
    {
        $tables = [];
        foreach (array_slice($files, 0, self::MOST, true) as $name => $bytes) {
            $sheets = str_ends_with(strtolower($name), '.xlsx')
                ? (new Workbook())->sheets($name, $bytes)
                : ['' => $bytes];
            foreach ($sheets as $sheet => $text) {
                $tables[count($sheets) < 2 ? $name : "{$name}: {$sheet}"] = $text;
            }
        }

        return new self($tables);
    }

    /**
     * @param array<string, string> $known files whose names say what they are
     * @param ?string $chosen the parts list, as the maker says
     * @return array<string, string> those, with the parts list and the places found among the tables
     * @throws UnusableFile when several tables may be the parts list
     */
    public function beside(array $known, ?string $chosen = null): array
    {
        $places = array_filter($this->tables, DroppedTable::isPlacement(...));
        $lists = array_diff_key($this->tables, $places);
        $sure = array_filter($lists, DroppedTable::isPartsList(...));
        $lists = $sure === [] ? $lists : $sure;
        if (isset($this->tables[$chosen ?? ''])) {
            $lists = [$chosen => $this->tables[$chosen]];
        }
        if (!self::hasList($known) && $lists !== []) {
            if (count($lists) > 1) {
                throw UnusableFile::severalLists(array_map(strval(...), array_keys($lists)));
            }
            $known[self::LIST] = reset($lists);
        } elseif (!self::hasList($known) && count($places) === 1) {
            // Places alone name the parts too.
            $known[self::LIST] = reset($places);
            $places = [];
        }

        return $places === [] || isset($known[self::PLACES]) ? $known : $known + [self::PLACES => reset($places)];
    }

    /** @param array<string, string> $files */
    private static function hasList(array $files): bool
    {
        return isset($files[self::LIST]) ||
            isset($files['bom.tsv']) ||
            isset($files['bom.txt']) ||
            isset($files['bom.xlsx']);
    }
}
