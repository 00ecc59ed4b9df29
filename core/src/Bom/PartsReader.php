<?php

declare(strict_types=1);

namespace Chiralex\Bom;

use Chiralex\Limits;
use Chiralex\Quantity\Exception\InvalidQuantity;
use Chiralex\Quantity\Length;
use Chiralex\Reason\Problem;
use Chiralex\Reason\ProblemSeverity;
use Chiralex\Table\Data\HeaderSynonyms;
use Chiralex\Table\Exception\UnreadableTable;
use Chiralex\Table\HeaderMap;
use Chiralex\Table\Row;
use Chiralex\Table\Table;

/** Table to parts list. No row is dropped silently: each becomes a line, or a problem that names it. */
final readonly class PartsReader
{
    /** @throws UnreadableTable when no column holds designators, or the list names more parts than are read */
    public function read(Table $table): PartsList
    {
        $map = HeaderMap::guess($table->headers, HeaderSynonyms::PARTS);
        if (!$map->has('designator')) {
            throw UnreadableTable::noColumn($table->file, 'designator', $table->headers);
        }
        $lines = $problems = $seen = [];
        foreach ($table->rows as $row) {
            [$line, $found] = $this->line($row, $map, $table, $seen);
            if ($line !== null) {
                $lines[] = $line;
            }
            array_push($problems, ...$found, ...$this->beyond($row, $table));
            if (count($seen) > Limits::PARTS_READ) {
                throw UnreadableTable::tooManyParts($table->file, $row->number, Limits::PARTS_READ);
            }
        }

        return new PartsList(
            $table->file,
            $lines,
            [...$problems, ...(new ListChecks())->problems($lines, $table->file)],
            $map->columns,
            $table->headers,
        );
    }

    /** @return list<Problem> cells that stand behind the last header: nobody can tell what they are */
    private function beyond(Row $row, Table $table): array
    {
        $cells = array_filter(
            array_slice($row->cells, count($table->headers)),
            static fn(string $cell): bool => trim($cell) !== '',
        );

        return $cells === []
            ? []
            : [
                new Problem(
                    ProblemSeverity::Warning,
                    'bom.beyond-header',
                    ['text' => implode(', ', $cells), 'columns' => count($table->headers)],
                    $table->file,
                    $row->number,
                    null,
                ),
            ];
    }

    /**
     * @param array<string, int> $seen designator to its row, added to
     * @return array{?Line, list<Problem>}
     */
    private function line(Row $row, HeaderMap $map, Table $table, array &$seen): array
    {
        $at = static fn(string $field): ?string => $map->header($table->headers, $field);
        $problems = [];
        $read = Designators::read($map->cell($row, 'designator'));
        foreach ($read->problems as $problem) {
            $problems[] = new Problem(
                $problem->severity,
                $problem->code,
                $problem->args,
                $table->file,
                $row->number,
                $at('designator'),
            );
        }
        $names = [];
        foreach ($read->names as $name) {
            if (isset($seen[$name])) {
                $problems[] = new Problem(
                    ProblemSeverity::Error,
                    'bom.duplicate',
                    ['designator' => $name, 'earlier' => $seen[$name]],
                    $table->file,
                    $row->number,
                    $at('designator'),
                );
                continue;
            }
            $seen[$name] = $row->number;
            $names[] = $name;
        }
        if ($names === [] && $problems !== []) {
            return [null, $problems];
        }
        if ($names === []) {
            $names = ["~{$row->number}"];
        }
        [$quantity, $length, $fault] = $this->quantity($map->cell($row, 'quantity'), $names, count($read->names));
        if ($fault !== null) {
            $problems[] = new Problem(
                ProblemSeverity::Warning,
                $fault,
                [
                    'text' => $map->cell($row, 'quantity'),
                    'pieces' => Limits::PIECES,
                    'count' => count($read->names),
                    'designators' => $names,
                ],
                $table->file,
                $row->number,
                $at('quantity'),
            );
        }
        $value = $map->cell($row, 'value');
        $supply = $this->supply($row, $map, $table, $value);
        $height = $map->cell($row, 'height');
        $tall = $height === '' ? null : $this->height($height, $map->unit('height') ?? 'mm');
        if ($tall !== null && ($tall < 0.0 || $tall >= Limits::PLACE_MM)) {
            $problems[] = new Problem(
                ProblemSeverity::Warning,
                'bom.height-too-large',
                ['text' => $height, 'limit' => (int) Limits::PLACE_MM, 'designators' => $names],
                $table->file,
                $row->number,
                $at('height'),
            );
            $tall = null;
        }

        return [
            new Line(
                $row->number,
                $names,
                $quantity,
                $length,
                new LineCells(
                    Provision::read($value) === Provision::NotFitted ? '' : $value,
                    $map->cell($row, 'package'),
                    $map->cell($row, 'description'),
                    $map->cell($row, 'tolerance'),
                    $map->cell($row, 'kind'),
                    $map->cell($row, 'note'),
                    $map->cell($row, 'legend'),
                ),
                $supply,
                $tall,
            ),
            $problems,
        ];
    }

    /**
     * @param list<string> $names
     * @return array{int, ?float, ?string} count, length in millimetres, problem code
     */
    private function quantity(string $text, array $names, int $written): array
    {
        $unnamed = !Designators::isNamed($names[0] ?? '');
        $count = $unnamed ? 1 : count($names);
        if ($text === '') {
            return [$count, null, null];
        }
        if (preg_match('~^(\d+)(?:[.,]0+)?\s*(?:x|pcs?|stk|st\.?|off)?$~i', $text, $found) === 1) {
            $typed = (int) $found[1];
            if ($typed > Limits::PIECES) {
                return [$count, null, 'bom.quantity-too-large'];
            }

            return $unnamed ? [$typed, null, null] : [$count, null, $typed === $written ? null : 'bom.quantity'];
        }
        try {
            $length = Length::parse($text)->toFloat();

            return abs($length) < Limits::STOCK_MM ? [$count, $length, null] : [$count, null, 'bom.quantity-too-large'];
        } catch (InvalidQuantity) {
            return [$count, null, 'bom.quantity-unreadable'];
        }
    }

    private function supply(Row $row, HeaderMap $map, Table $table, string $value): Provision
    {
        $said =
            Provision::read($map->cell($row, 'supply')) ??
            (Provision::read($value) ?? Provision::read($map->cell($row, 'note')));
        if ($said !== null) {
            return $said;
        }
        $cell = strtolower($map->cell($row, 'fitted'));
        $header = strtolower($map->header($table->headers, 'fitted') ?? '');
        if ($cell === '') {
            return Provision::Kit;
        }
        $yes = in_array($cell, ['x', 'y', 'yes', '1', 'true', 'ja', 'oui', "s\u{00ED}", 'si', 'tak'], true);
        $no = in_array($cell, ['n', 'no', '0', 'false', 'nein', 'non', 'nee', 'nie'], true);
        $negative = preg_match('~^(dn|do not|nicht|non |ne pas|no |niet|nie )~', $header) === 1;

        return ($negative && $yes) || (!$negative && $no) || Provision::read($cell) === Provision::NotFitted
            ? Provision::NotFitted
            : Provision::Kit;
    }

    private function height(string $text, string $unit): ?float
    {
        try {
            return Length::parse($text, $unit)->toFloat();
        } catch (InvalidQuantity) {
            return null;
        }
    }
}
