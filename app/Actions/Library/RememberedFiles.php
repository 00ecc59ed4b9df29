<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Models\Revision;
use App\Support\FileStore;
use App\Support\Row;
use Chiralex\Board\Files\RoleFinder;
use Chiralex\Board\Side;
use Chiralex\ChiralexException;
use Chiralex\Kit\Edit\ColumnEdit;
use Chiralex\Kit\Edit\Edit;
use Chiralex\Kit\Edit\FileRoleEdit;
use Chiralex\Kit\Edit\SideWordEdit;
use Chiralex\Table\CsvReader;
use Chiralex\Table\Table;
use ChiralexAdapters\TableList;
use Illuminate\Support\Facades\DB;

/**
 * What the maker said of a file is used again for every file of that name, of a word for a side for every file with
 * that word, and of the columns of a placement file for every one with the same headers.
 */
final readonly class RememberedFiles
{
    public function __construct(private FileStore $store) {}

    /** @param list<Edit> $edits as they were made */
    public function rememberEdits(Revision $revision, array $edits): void
    {
        foreach ($edits as $edit) {
            if ($edit instanceof FileRoleEdit) {
                $this->keep('role', mb_strtolower(basename($edit->file)), $edit->role);
            } elseif ($edit instanceof SideWordEdit) {
                $this->keep('side', $edit->word, $edit->side);
            } elseif ($edit instanceof ColumnEdit && $edit->file !== '') {
                $this->keepColumn($revision, $edit);
            }
        }
    }

    /**
     * @param array<string, string> $files of a kit, name to bytes
     * @return list<Edit> what was said before of files like these; only where a file says nothing itself
     * @throws ChiralexException never for answers that were kept
     */
    public function edits(array $files): array
    {
        $edits = [];
        $finder = new RoleFinder();
        foreach ($files as $name => $bytes) {
            $role = $this->known('role', mb_strtolower(basename($name)));
            $isOpen = RoleFinder::isOfBoard($bytes) && !$finder->of($name, $bytes)->isKnown();
            if (is_string($role) && $isOpen) {
                $edits[] = FileRoleEdit::read($name, $role);
            }
        }
        $table = self::places($files[TableList::PLACES] ?? '');
        if ($table === null) {
            return $edits;
        }
        foreach ((array) $this->known('places', self::source($table->headers)) as $column => $field) {
            if (is_string($field) && isset($table->headers[(int) $column])) {
                $edits[] = ColumnEdit::of((int) $column, $field, TableList::PLACES);
            }
        }
        foreach ($this->words($table) as $word) {
            $side = $this->known('side', $word);
            $edits = is_string($side) ? [...$edits, SideWordEdit::read($word, $side)] : $edits;
        }

        return $edits;
    }

    /** The headers as they stood before any answer: those of the dropped file that has the edited ones now. */
    private function keepColumn(Revision $revision, ColumnEdit $edit): void
    {
        $now = self::places($this->store->get($revision->files[$edit->file] ?? ''));
        $dropped = DB::table('original_files')
            ->where('revision_id', $revision->id)
            ->orderByDesc('id')
            ->select(['sha256']);
        if ($now === null) {
            return;
        }
        foreach (Row::all($dropped) as $file) {
            $table = self::places($this->store->get($file->text('sha256')));
            if (
                $table !== null &&
                count($table->headers) === count($now->headers) &&
                count($table->rows) === count($now->rows)
            ) {
                $source = self::source($table->headers);
                $known = (array) $this->known('places', $source);
                $known[$edit->column] = $edit->header;
                $this->keep('places', $source, $known);

                return;
            }
        }
    }

    private function keep(string $kind, string $source, mixed $answer): void
    {
        $source = mb_substr($source, 0, 190);
        if ($answer === null) {
            DB::table('file_answers')->where('kind', $kind)->where('source', $source)->delete();

            return;
        }
        DB::table('file_answers')->upsert(
            [
                [
                    'kind' => $kind,
                    'source' => $source,
                    'answer' => json_encode($answer, JSON_THROW_ON_ERROR),
                    'created_at' => now(),
                    'updated_at' => now(),
                ],
            ],
            ['kind', 'source'],
            ['answer', 'updated_at'],
        );
    }

    private function known(string $kind, string $source): mixed
    {
        $found = DB::table('file_answers')
            ->where('kind', $kind)
            ->where('source', mb_substr($source, 0, 190))
            ->value('answer');

        return is_string($found) ? json_decode($found, true) : null;
    }

    /** @return list<string> words that stand alone in cells and are no side by themselves, in lower case */
    private function words(Table $table): array
    {
        $words = [];
        foreach (array_slice($table->rows, 0, 200) as $row) {
            foreach ($row->cells as $cell) {
                if (preg_match('~^\pL[\pL ._-]{0,38}$~u', $cell) === 1 && Side::read($cell) === null) {
                    $words[mb_strtolower(trim($cell))] = true;
                }
            }
        }

        return array_slice(array_map(strval(...), array_keys($words)), 0, 50);
    }

    private static function places(string $bytes): ?Table
    {
        try {
            return $bytes === '' ? null : (new CsvReader())->read($bytes, TableList::PLACES);
        } catch (ChiralexException) {
            return null;
        }
    }

    /** @param list<string> $headers */
    private static function source(array $headers): string
    {
        return hash('sha256', json_encode($headers, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE));
    }
}
