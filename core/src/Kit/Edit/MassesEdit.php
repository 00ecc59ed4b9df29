<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;
use Chiralex\Limits;
use Chiralex\Table\CsvWriter;

/** All weighings of a kit, as they stand on the page: what cannot be read is told there and kept. */
final readonly class MassesEdit implements Edit
{
    private const FILE = 'masses.csv';
    private const COLUMNS = ['part', 'pieces', 'grams'];

    /** @param list<list<string>> $rows part, pieces, grams; none takes the file out */
    private function __construct(private array $rows) {}

    /** @throws UnusableEdit when the value is no list of rows of three texts */
    public static function read(mixed $value): self
    {
        if ($value === null) {
            return new self([]);
        }
        if (!is_array($value) || !array_is_list($value) || count($value) > Limits::KIT_LIST) {
            throw UnusableEdit::value('the weighings', sprintf('a list of at most %d rows', Limits::KIT_LIST));
        }
        $rows = [];
        foreach ($value as $row) {
            $cells = is_array($row) ? array_values(array_filter($row, is_string(...))) : [];
            if (count($cells) !== count(self::COLUMNS)) {
                throw UnusableEdit::value('a weighing', 'part, pieces and grams as texts');
            }
            $rows[] = array_map(
                static fn(string $cell): string => mb_substr(trim(mb_scrub($cell)), 0, Limits::VALUE_SIGNS),
                $cells,
            );
        }

        return new self($rows);
    }

    public function on(Folder $folder): Edited
    {
        return new Edited(
            $folder->with(
                self::FILE,
                $this->rows === []
                    ? null
                    : implode('', array_map((new CsvWriter())->record(...), [self::COLUMNS, ...$this->rows])),
            ),
            new FileEdit(self::FILE, $folder->files[self::FILE] ?? null),
        );
    }

    public function entry(): array
    {
        return ['type' => 'masses', 'target' => '', 'field' => '', 'value' => $this->rows === [] ? null : $this->rows];
    }
}
