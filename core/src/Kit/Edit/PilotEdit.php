<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;
use Chiralex\Kit\PilotFile;

/**
 * One row of the log of pilot builds: written behind the others, put in, changed, or taken out.
 *
 * @phpstan-import-type PilotRow from PilotFile
 */
final readonly class PilotEdit implements Edit
{
    /**
     * @param ?int $row from 1; null writes behind the others
     * @param bool $insert true puts the row in before the one of that number
     * @param ?PilotRow $cells null takes the row out
     */
    private function __construct(public ?int $row, public bool $insert, public ?array $cells) {}

    /** @throws UnusableEdit when the number is none, or the value no row of the log */
    public static function read(string $row, string $field, mixed $cells): self
    {
        if (preg_match('~^\d{0,6}$~', $row) !== 1 || ($row === '' && $cells === null)) {
            throw UnusableEdit::value('the row of the log', 'a number');
        }
        if ($field !== '' && $field !== 'insert') {
            throw UnusableEdit::unknown('way to change the log', $field, ['insert']);
        }

        return new self(
            $row === '' ? null : max(1, (int) $row),
            $field === 'insert',
            $cells === null ? null : PilotFile::checked($cells),
        );
    }

    public function on(Folder $folder): Edited
    {
        $log = PilotFile::read($folder->files[PilotFile::NAME] ?? null);
        if ($this->row === null || ($this->insert && $this->cells !== null)) {
            $number = $this->row ?? count($log->rows) + 1;
            $log = $log->withRow($number, $this->cells ?? []);
            $inverse = new self($number, false, null);
        } else {
            $inverse = new self($this->row, $this->cells === null, $log->row($this->row));
            $log = $log->withRowAt($this->row, $this->cells);
        }

        return new Edited($folder->with(PilotFile::NAME, $log->write()), $inverse);
    }

    public function entry(): array
    {
        return [
            'type' => 'pilot',
            'target' => (string) $this->row,
            'field' => $this->insert ? 'insert' : '',
            'value' => $this->cells,
        ];
    }
}
