<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;
use Chiralex\Kit\Internal\EditValue;
use Chiralex\Kit\Internal\ListFile;
use Chiralex\Limits;

/** Says what a column of the parts list, or of a placement file, holds: the field's own name is written over its header. */
final readonly class ColumnEdit implements Edit
{
    /**
     * @param int $column from 0
     * @param string $file empty for the parts list
     */
    private function __construct(public int $column, public string $header, public string $file) {}

    /** @throws UnusableEdit when the column is no number or the header no text */
    public static function read(string $column, mixed $header, string $file = ''): self
    {
        if (preg_match('~^\d{1,4}$~', $column) !== 1) {
            throw UnusableEdit::value('the column', 'a number');
        }

        return new self((int) $column, EditValue::text('the header', $header ?? '', Limits::CELL), $file);
    }

    public static function of(int $column, string $header, string $file = ''): self
    {
        return new self($column, $header, $file);
    }

    public function on(Folder $folder): Edited
    {
        [$folder, $before] = ListFile::put($folder, null, $this->column, $this->header, $this->file);

        return new Edited($folder, new self($this->column, $before, $this->file));
    }

    public function entry(): array
    {
        return [
            'type' => 'column',
            'target' => (string) $this->column,
            'field' => $this->file,
            'value' => $this->header,
        ];
    }
}
