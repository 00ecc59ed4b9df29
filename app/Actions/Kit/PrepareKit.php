<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\Library\PartLibrary;
use App\Actions\Library\RememberedColumns;
use App\Actions\Library\RememberedFiles;
use App\Models\Shop;
use Chiralex\ChiralexException;
use Chiralex\Kit\Edit\SettingEdit;
use Chiralex\Kit\Folder;
use Chiralex\Kit\KitReader;
use Chiralex\Table\CsvReader;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\TableList;
use ChiralexAdapters\UnusableFile;

/** Reads dropped files as a kit folder; nothing is stored. */
final readonly class PrepareKit
{
    public function __construct(
        private PartLibrary $library,
        private RememberedColumns $columns,
        private RememberedFiles $files,
    ) {}

    /**
     * @param array<string, string> $dropped name as dropped to bytes
     * @param ?int $designatorColumn which column of the parts list holds designators, where its header does not tell
     * @param ?string $list which of several tables is the parts list, as the maker says
     * @throws UnusableFile when a file cannot be opened, or several may be the parts list
     * @throws ChiralexException when the files make no kit, or a larger one than is kept
     */
    public function __invoke(array $dropped, ?int $designatorColumn = null, ?string $list = null): PreparedKit
    {
        // What the format names by itself goes before what has to be guessed.
        uksort($dropped, static fn(string $a, string $b): int => KitFiles::isKnown($b) <=> KitFiles::isKnown($a));
        $files = $labels = $tables = [];
        foreach ($dropped as $name => $bytes) {
            if (KitFiles::isOpenTable($name)) {
                $tables[$name] = $bytes;
                continue;
            }
            $read = (new KitFiles($list))->fromBytes($name, $bytes);
            $files += $read;
            $labels += str_ends_with(strtolower($name), '.zip') ? [] : array_fill_keys(array_keys($read), $name);
        }
        $known = $files;
        $files = $tables === [] ? $files : TableList::of($tables)->beside($files, $list);
        foreach (array_keys(array_diff_key($files, $known)) as $role) {
            $labels[$role] = (string) (array_search($files[$role], $tables, true) ?: array_key_first($tables));
        }
        $folder = $this->named(new Folder($files), $labels['bom.csv'] ?? (array_key_first($dropped) ?? 'kit'));
        $parts = $files['bom.csv'] ?? '';
        if ($designatorColumn !== null) {
            $this->columns->remember(
                (new CsvReader())->read($parts, 'bom.csv')->headers,
                $designatorColumn,
                'designator',
            );
        }
        foreach ([...$this->columns->edits($parts), ...$this->files->edits($folder->files)] as $edit) {
            $folder = $edit->on($folder)->folder;
        }
        $kit = (new KitReader())->read($folder->files, [], $labels);
        $kit->mustBeStorable();
        foreach ($this->library->edits($kit, $folder) as $edit) {
            $folder = $edit->on($folder)->folder;
        }

        return new PreparedKit($kit->head->name, $kit->head->revision, $folder->files, $labels);
    }

    /**
     * A parts list alone gets the name of its file.
     *
     * @throws ChiralexException never for a kit file of our own
     */
    private function named(Folder $folder, string $dropped): Folder
    {
        if (isset($folder->files['kit.json'])) {
            return $folder;
        }
        $words = (string) preg_replace('~[-_.]+~', ' ', pathinfo(mb_scrub($dropped), PATHINFO_FILENAME));
        // `bom.csv` names a file, not a kit.
        $name = KitFiles::isKnown($dropped) ? '' : trim(ucfirst($words));

        return $this->usual($folder->named(mb_substr($name === '' ? 'New kit' : $name, 0, 100), 'A'));
    }

    /**
     * Paper and language as they are usual in the shop, where that is not the format's default.
     *
     * @throws ChiralexException never for what the shop may say
     */
    private function usual(Folder $folder): Folder
    {
        $shop = Shop::ours();
        foreach (
            ['paper' => [$shop->paper, 'A4'], 'language' => [$shop->language, 'en']] as $field => [$ours, $usual]
        ) {
            $folder = $ours === $usual ? $folder : SettingEdit::read($field, $ours)->on($folder)->folder;
        }

        return $folder;
    }
}
