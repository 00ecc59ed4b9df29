<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Models\Edit;
use App\Models\Revision;
use App\Support\FileStore;
use App\Support\Row;
use Chiralex\Kit\DroppedTable;
use Chiralex\Kit\Edit\ColumnEdit;
use Chiralex\Kit\Edit\Edit as KitEdit;
use Chiralex\Table\CsvReader;
use Chiralex\Table\Exception\UnreadableTable;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\UnusableFile;
use Illuminate\Support\Facades\DB;

/** What the maker said of the columns of a list is used again for every list with the same headers. */
final readonly class RememberedColumns
{
    public function __construct(private FileStore $store) {}

    /** @param list<string> $headers as they stood in the dropped file */
    public function remember(array $headers, int $column, string $field): void
    {
        $known = $this->known($headers);
        $known[$column] = $field;
        DB::table('column_answers')->upsert(
            [
                [
                    'source' => self::source($headers),
                    'columns' => json_encode($known, JSON_THROW_ON_ERROR),
                    'created_at' => now(),
                    'updated_at' => now(),
                ],
            ],
            ['source'],
            ['columns', 'updated_at'],
        );
    }

    /**
     * Keeps the answers of an edit, whatever the headers are called meanwhile.
     *
     * @param list<KitEdit> $edits
     */
    public function rememberEdit(Revision $revision, array $edits): void
    {
        $answers = array_filter(
            $edits,
            static fn(KitEdit $edit): bool => $edit instanceof ColumnEdit && $edit->file === '',
        );
        if ($answers === []) {
            return;
        }
        $headers = $this->asDropped($revision);
        foreach ($answers as $answer) {
            $this->remember($headers, $answer->column, $answer->header);
        }
    }

    /** @return list<ColumnEdit> for a parts list as it was dropped */
    public function edits(string $bytes): array
    {
        try {
            $headers = (new CsvReader())->read($bytes, 'bom.csv')->headers;
        } catch (UnreadableTable) {
            return [];
        }
        $edits = [];
        foreach ($this->known($headers) as $column => $field) {
            if (isset($headers[$column])) {
                $edits[] = ColumnEdit::of($column, $field);
            }
        }

        return $edits;
    }

    /**
     * The headers before any answer changed them: those of the file as it was dropped, or, in a copied revision, with the edits taken back.
     *
     * @return list<string>
     */
    private function asDropped(Revision $revision): array
    {
        foreach (
            Row::all(
                DB::table('original_files')
                    ->where('revision_id', $revision->id)
                    ->orderByDesc('id')
                    ->select(['name', 'sha256']),
            ) as $file
        ) {
            try {
                $read = (new KitFiles())->fromBytes($file->text('name'), $this->store->get($file->text('sha256')));
                if (isset($read['bom.csv']) && !DroppedTable::isPlacement($read['bom.csv'])) {
                    return (new CsvReader())->read($read['bom.csv'], 'bom.csv')->headers;
                }
            } catch (UnusableFile | UnreadableTable) {
                continue;
            }
        }

        return $this->takenBack($revision);
    }

    /** @return list<string> */
    private function takenBack(Revision $revision): array
    {
        $name =
            array_values(array_intersect(['bom.csv', 'bom.tsv', 'bom.txt'], array_keys($revision->files)))[0] ?? null;
        try {
            $headers =
                $name === null
                    ? []
                    : (new CsvReader())->read($this->store->get($revision->files[$name]), $name)->headers;
        } catch (UnreadableTable) {
            return [];
        }
        foreach (Edit::query()->where('revision_id', $revision->id)->orderByDesc('sequence')->get() as $edit) {
            foreach ($edit->inverse as $inverse) {
                if ($inverse['type'] === 'file' && $inverse['target'] === $name) {
                    return array_values($headers);
                }
                if (
                    $inverse['type'] === 'column' &&
                    is_string($inverse['value'] ?? null) &&
                    is_string($inverse['target'])
                ) {
                    $headers[(int) $inverse['target']] = $inverse['value'];
                }
            }
        }

        return array_values($headers);
    }

    /**
     * @param list<string> $headers
     * @return array<int, string>
     */
    private function known(array $headers): array
    {
        $found = DB::table('column_answers')->where('source', self::source($headers))->value('columns');
        $columns = [];
        foreach (is_string($found) ? (array) json_decode($found, true) : [] as $column => $field) {
            if (is_string($field)) {
                $columns[(int) $column] = $field;
            }
        }

        return $columns;
    }

    /** @param list<string> $headers */
    private static function source(array $headers): string
    {
        return hash('sha256', json_encode($headers, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE));
    }
}
