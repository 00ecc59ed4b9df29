<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;
use Chiralex\Kit\Internal\EditValue;
use Chiralex\Kit\Internal\ListFile;
use Chiralex\Limits;
use Chiralex\Table\Data\HeaderSynonyms;
use Chiralex\Table\HeaderMap;

/** One cell of the parts list. */
final readonly class CellEdit implements Edit
{
    /** @param string $field what the column holds, `value` */
    private function __construct(public int $row, public string $field, public string $text) {}

    /** @throws UnusableEdit when the row is no number, the field none of a parts list, or the value no text */
    public static function read(string $row, string $field, mixed $text): self
    {
        if (preg_match('~^\d{1,7}$~', $row) !== 1) {
            throw UnusableEdit::value('the row', 'a number');
        }
        if (!isset(HeaderSynonyms::PARTS[$field])) {
            throw UnusableEdit::unknown('column of a parts list', $field, array_keys(HeaderSynonyms::PARTS));
        }

        return new self((int) $row, $field, EditValue::text('the cell', $text ?? '', Limits::CELL));
    }

    public function on(Folder $folder): Edited
    {
        $table = $folder->partsList();
        $column =
            HeaderMap::guess($table->headers, HeaderSynonyms::PARTS)->columns[$this->field] ??
            throw UnusableEdit::column($this->field, $table->file, $table->headers);
        [$folder, $before] = ListFile::put($folder, $this->row, $column, $this->text);

        return new Edited($folder, new self($this->row, $this->field, $before));
    }

    public function entry(): array
    {
        return ['type' => 'cell', 'target' => (string) $this->row, 'field' => $this->field, 'value' => $this->text];
    }
}
