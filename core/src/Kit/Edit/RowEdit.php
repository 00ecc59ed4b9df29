<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;
use Chiralex\Kit\Internal\EditValue;
use Chiralex\Kit\Internal\ListFile;
use Chiralex\Limits;
use Chiralex\Table\Data\HeaderSynonyms;

/** A row of the parts list typed by hand, or taken out of it; all others keep their numbers. */
final readonly class RowEdit implements Edit
{
    private const MOST = 200;

    /**
     * @param ?int $row null writes behind the others
     * @param ?array<array-key, string> $cells by what the columns hold, `value`, or a list by their places; null takes the row out
     */
    private function __construct(public ?int $row, public ?array $cells) {}

    /**
     * @param mixed $cells `{"designator": "R1", "value": "10k"}`
     * @throws UnusableEdit when the row is no number, a field none of a parts list, or a cell no text
     */
    public static function read(string $row, mixed $cells): self
    {
        if (preg_match('~^\d{0,7}$~', $row) !== 1 || ($row === '' && $cells === null)) {
            throw UnusableEdit::value('the row', 'a number');
        }
        if ($cells !== null && (!is_array($cells) || $cells === [] || count($cells) > self::MOST)) {
            throw UnusableEdit::value('the row', 'cells by what they hold');
        }
        $read = [];
        foreach ($cells ?? [] as $field => $text) {
            if (!is_int($field) && !isset(HeaderSynonyms::PARTS[$field])) {
                throw UnusableEdit::unknown('column of a parts list', $field, array_keys(HeaderSynonyms::PARTS));
            }
            $read[$field] = EditValue::text('the cell', $text ?? '', Limits::CELL);
        }

        return new self($row === '' ? null : (int) $row, $cells === null ? null : $read);
    }

    public function on(Folder $folder): Edited
    {
        if ($this->cells !== null) {
            [$folder, $row] = ListFile::insert($folder, $this->row, $this->cells);

            return new Edited($folder, new self($row, null));
        }
        [$folder, $cells] = ListFile::cut($folder, (int) $this->row);

        return new Edited($folder, new self($this->row, $cells));
    }

    public function entry(): array
    {
        return ['type' => 'row', 'target' => (string) $this->row, 'field' => '', 'value' => $this->cells];
    }
}
