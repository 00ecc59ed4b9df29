<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use Chiralex\Table\CsvReader;
use Chiralex\Table\CsvWriter;
use Chiralex\Table\Data\HeaderSynonyms;
use Chiralex\Table\Exception\UnreadableTable;
use Chiralex\Table\HeaderMap;
use Chiralex\Table\Table;

/** The files of a draft with changes applied; each change tells its own inverse. */
final class Draft
{
    /** @param array<string, string> $files name to bytes; for `file` changes the value is bytes too */
    public function __construct(public array $files) {}

    /**
     * @return Change what takes it back
     * @throws UnreadableTable when the parts list cannot be read
     * @throws UnknownChange when the change names nothing that can be changed
     */
    public function apply(Change $change): Change
    {
        return match ($change->type) {
            'line' => $this->json(['lines', $change->target, $change->field], $change),
            'setting' => $this->json(['settings', $change->field], $change),
            'order' => $this->json(['overrides', 'order'], $change),
            'bag' => $this->bag($change),
            'words' => $this->json(['overrides', 'words', $change->target], $change),
            'board' => $this->json($this->boardPath($change->target, $change->field), $change),
            'cell' => $this->cell($change),
            'column' => $this->column($change),
            'test' => $this->kitFile(TestList::apply(...), $change),
            'hazard' => $this->kitFile(HazardAnswer::apply(...), $change),
            'block' => $this->kitFile(BlockList::apply(...), $change),
            'pilot' => $this->pilot($change),
            'file' => $this->file($change),
            default => throw UnknownChange::type($change->type),
        };
    }

    /** Puts a part into another bag; no bag: back to the computed one. */
    private function bag(Change $change): Change
    {
        $root = json_decode($this->files['kit.json'] ?? '{}', true);
        $overrides = is_array($root) && is_array($root['overrides'] ?? null) ? $root['overrides'] : [];
        $bags = [];
        $before = null;
        foreach (is_array($overrides['bags'] ?? null) ? $overrides['bags'] : [] as $each) {
            if (is_array($each) && ($each['part'] ?? null) === $change->target) {
                $before = $each['bag'] ?? null;
            } else {
                $bags[] = $each;
            }
        }
        if (is_string($change->value)) {
            $bags[] = ['part' => $change->target, 'bag' => mb_strtoupper(trim($change->value))];
        }
        $this->json(['overrides', 'bags'], new Change('bag', '', '', $bags));

        return new Change('bag', $change->target, '', $before);
    }

    /** @param list<string|int> $path */
    private function json(array $path, Change $change): Change
    {
        $root = json_decode($this->files['kit.json'] ?? '{"format": 1}', true);
        $root = is_array($root) ? $root : [];
        $at = &$root;
        foreach (array_slice($path, 0, -1) as $key) {
            if (!is_array($at[$key] ?? null)) {
                $at[$key] = [];
            }
            $at = &$at[$key];
        }
        $last = $path[count($path) - 1];
        $before = $at[$last] ?? null;
        if ($change->value === null) {
            unset($at[$last]);
        } else {
            $at[$last] = $change->value;
        }
        unset($at);
        $this->files['kit.json'] = $this->encode($root);

        return new Change($change->type, $change->target, $change->field, $before);
    }

    /**
     * Objects that became empty are left out, so that an empty list is never taken for an object.
     *
     * @param array<array-key, mixed> $root
     */
    private function encode(array $root): string
    {
        foreach (['lines', 'settings', 'overrides'] as $section) {
            if (is_array($root[$section] ?? null)) {
                $root[$section] = array_filter($root[$section], static fn(mixed $value): bool => $value !== []);
                if ($root[$section] === []) {
                    unset($root[$section]);
                }
            }
        }

        return json_encode(
            $root === [] ? ['format' => 1] : $root,
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        ) . "\n";
    }

    /** @return list<string|int> */
    private function boardPath(string $name, string $field): array
    {
        $root = json_decode($this->files['kit.json'] ?? '{}', true);
        $boards = is_array($root) && is_array($root['boards'] ?? null) ? $root['boards'] : [];
        foreach ($boards as $index => $board) {
            if (is_array($board) && ($board['name'] ?? null) === $name) {
                return ['boards', $index, ...explode('.', $field)];
            }
        }

        return ['board', ...explode('.', $field)];
    }

    /**
     * @throws UnreadableTable
     * @throws UnknownChange when there is no such row or column
     */
    private function cell(Change $change): Change
    {
        $table = $this->table();
        $column =
            HeaderMap::guess($table->headers, HeaderSynonyms::PARTS)->columns[$change->field] ??
            throw UnknownChange::column($change->field, $table->file);

        return new Change(
            'cell',
            $change->target,
            $change->field,
            $this->rewrite($table, (int) $change->target, $column, $change->value),
        );
    }

    /**
     * Says what a column holds by writing the field's own name over its header; the dropped file stays as it was.
     *
     * @throws UnreadableTable
     * @throws UnknownChange when there is no such column
     */
    private function column(Change $change): Change
    {
        $table = $this->table();

        return new Change(
            'column',
            $change->target,
            '',
            $this->rewrite($table, $table->headerRow, (int) $change->target, $change->value),
        );
    }

    /** @throws UnreadableTable */
    private function table(): Table
    {
        $name = isset($this->files['bom.csv']) ? 'bom.csv' : (isset($this->files['bom.tsv']) ? 'bom.tsv' : 'bom.txt');

        return (new CsvReader())->read($this->files[$name] ?? '', $name);
    }

    /**
     * @return string what stood there
     * @throws UnknownChange when there is no such row or column
     */
    private function rewrite(Table $table, int $row, int $column, mixed $value): string
    {
        $records = [$table->headerRow => $table->headers];
        foreach ($table->rows as $each) {
            $records[$each->number] = array_pad($each->cells, count($table->headers), '');
        }
        $before = $records[$row][$column] ?? throw UnknownChange::row((string) $row, $table->file);
        $records[$row][$column] = is_scalar($value) ? (string) $value : '';
        $this->files[$table->file] = (new CsvWriter($table->separator))->records($records);

        return $before;
    }

    /**
     * A change of kit.json that a class of its own makes.
     *
     * @param callable(array<array-key, mixed>, Change): array{array<array-key, mixed>, Change} $apply
     * @throws UnknownChange when the change names nothing that can be changed
     */
    private function kitFile(callable $apply, Change $change): Change
    {
        $root = json_decode($this->files['kit.json'] ?? '{"format": 1}', true);
        [$root, $inverse] = $apply(is_array($root) ? $root : [], $change);
        $this->files['kit.json'] = $this->encode($root);

        return $inverse;
    }

    private function file(Change $change): Change
    {
        $before = $this->files[$change->target] ?? null;
        if (is_string($change->value)) {
            $this->files[$change->target] = $change->value;
        } else {
            unset($this->files[$change->target]);
        }

        return new Change('file', $change->target, '', $before);
    }

    /**
     * One row of pilot.csv: written behind the others where no number is given, else put in place of that row, or taken out.
     *
     * @return Change what takes it back
     * @throws UnknownChange when there is no such row
     */
    private function pilot(Change $change): Change
    {
        $log = new PilotFile($this->files['pilot.csv'] ?? null);
        [$log, $inverse] =
            $change->target === ''
                ? $log->with($change->value)
                : $log->at((int) $change->target, $change->field, $change->value);
        if ($log->bytes === null) {
            unset($this->files['pilot.csv']);
        } else {
            $this->files['pilot.csv'] = $log->bytes;
        }

        return $inverse;
    }
}
