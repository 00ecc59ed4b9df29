<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Kit\Edit\FactEdit;
use Chiralex\Kit\Exception\UnusableKit;
use Chiralex\Kit\Internal\KitTree;
use Chiralex\Table\CsvReader;
use Chiralex\Table\Exception\UnreadableTable;
use Chiralex\Table\Table;

/**
 * The files of a kit; whatever changes it gives another folder.
 *
 * @phpstan-import-type Node from \Chiralex\Kit\Internal\KitTree
 */
final readonly class Folder
{
    private const LISTS = ['bom.csv', 'bom.tsv', 'bom.txt'];

    /** @param array<string, string> $files name to bytes; workbooks already turned into delimited text */
    public function __construct(public array $files) {}

    /** @param ?string $bytes null takes the file out */
    public function with(string $name, ?string $bytes): self
    {
        return new self(
            $bytes === null ? array_diff_key($this->files, [$name => '']) : [$name => $bytes] + $this->files,
        );
    }

    /** @throws UnusableKit when there is no parts list */
    public function partsListName(): string
    {
        return array_values(array_intersect(self::LISTS, array_map(strval(...), array_keys($this->files))))[0] ??
            throw UnusableKit::noPartsList();
    }

    /**
     * @throws UnusableKit when there is no parts list
     * @throws UnreadableTable when it cannot be read
     */
    public function partsList(): Table
    {
        $name = $this->partsListName();

        return (new CsvReader())->read($this->files[$name], $name);
    }

    /**
     * The kit file with a name and a letter for the revision.
     *
     * @param ?string $name null leaves the name as it is
     * @throws UnusableKit when the kit file cannot be read
     */
    public function named(?string $name, string $revision): self
    {
        $tree = $this->tree();
        $tree = $name === null ? $tree : $tree->with(['name'], $name);

        return $this->withTree($tree->with(['revision'], $revision));
    }

    /**
     * What the kit file itself says of parts, be it nothing.
     *
     * @return array<array-key, array<array-key, true>> designator, then field
     * @throws UnusableKit when the kit file cannot be read
     */
    public function stated(): array
    {
        return array_map(
            static fn(mixed $line): array => array_fill_keys(array_keys(is_array($line) ? $line : []), true),
            $this->lines(),
        );
    }

    /**
     * What the kit file says of each part, be it nothing.
     *
     * @return array<array-key, mixed> by designator
     * @throws UnusableKit when the kit file cannot be read
     */
    public function lines(): array
    {
        $lines = $this->tree()->at(['lines']);

        return is_array($lines) ? $lines : [];
    }

    /**
     * What the kit file says of the kit as a whole, be it nothing.
     *
     * @return array<string, mixed> by the names of FactEdit, null where it says nothing
     * @throws UnusableKit when the kit file cannot be read
     */
    public function facts(): array
    {
        $facts = [];
        foreach (FactEdit::FACTS as $fact) {
            $facts[$fact] = $this->fact($fact);
        }

        return $facts;
    }

    /**
     * One of them; a single board, or one of which nothing is said, is a list of one.
     *
     * @return Node null where nothing is said
     * @throws UnusableKit when the kit file cannot be read
     */
    public function fact(string $fact): array|string|int|float|bool|null
    {
        $tree = $this->tree();
        if ($fact === 'boards' && !$tree->has(['boards'])) {
            $board = $tree->at(['board']);

            return [['name' => 'main'] + (is_array($board) ? $board : [])];
        }

        return $tree->at(explode('.', $fact));
    }

    /**
     * @internal for edits, which change the kit file at a path
     * @throws UnusableKit when the kit file cannot be read
     */
    public function tree(): KitTree
    {
        return KitTree::read($this->files['kit.json'] ?? '{"format": 1}');
    }

    /** @internal for edits */
    public function withTree(KitTree $tree): self
    {
        return $this->with('kit.json', $tree->write());
    }
}
