<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Board\BoardShape;
use Chiralex\Board\Files\FileRole;
use Chiralex\Board\Layer\LayerReader;
use Chiralex\Board\PlacementList;
use Chiralex\Board\PlacementReader;
use Chiralex\Board\Point;
use Chiralex\Board\Polygon;
use Chiralex\Bom\PartsList;
use Chiralex\Bom\PartsReader;
use Chiralex\Bom\Recognizer;
use Chiralex\Kit\Exception\UnusableKit;
use Chiralex\Kit\Internal\BoardFiles;
use Chiralex\Kit\Internal\CaseParts;
use Chiralex\Kit\Internal\KitFile;
use Chiralex\Kit\Internal\LayerFiles;
use Chiralex\Kit\Internal\MassFile;
use Chiralex\Kit\Internal\MeasurementFile;
use Chiralex\Kit\Internal\NetPlacements;
use Chiralex\Kit\Internal\OldTexts;
use Chiralex\Kit\Internal\PartResolver;
use Chiralex\Kit\Internal\PilotLog;
use Chiralex\Kit\Internal\Sockets;
use Chiralex\Table\CsvReader;
use Chiralex\Table\Exception\UnreadableTable;

/** Reads a kit folder, given as file names and their bytes. */
final readonly class KitReader
{
    private const PLACES = ['placements.csv', 'placements.tsv', 'placements.txt'];
    /** Around the bodies of a board without an outline, in millimetres. */
    private const MARGIN = 3.0;
    /** The size of a board of which nothing is known. */
    private const BLANK = [0.0, 0.0, 100.0, 80.0];

    /**
     * @param array<string, string> $files name to bytes; workbooks already turned into delimited text
     * @param array<string, string> $options option to value; the default otherwise
     * @param array<string, string> $labels names to call files by, where they came under others
     * @throws UnusableKit when there is no parts list, or kit.json cannot be used
     * @throws UnreadableTable when a table cannot be read
     */
    public function read(array $files, array $options = [], array $labels = []): Kit
    {
        $file = KitFile::read($files['kit.json'] ?? null);
        $options = $file->options($options);
        $list = $this->partsList($files, $labels, $file->roles());
        $boards = $file->boards()->shapes();
        [$pilot, $logged] = isset($files['pilot.csv'])
            ? (new PilotLog())->read((new CsvReader())->read($files['pilot.csv'], 'pilot.csv'))
            : [[], []];
        [$measurements, $unread] = isset($files['measurements.csv'])
            ? (new MeasurementFile())->read((new CsvReader())->read($files['measurements.csv'], 'measurements.csv'))
            : [[], []];
        [$weighings, $unweighed] = isset($files['masses.csv'])
            ? (new MassFile())->read((new CsvReader())->read($files['masses.csv'], 'masses.csv'), $list)
            : [[], []];
        $drawn = BoardFiles::read($files, $file->roles());
        $layers = LayerFiles::of($drawn->files, $boards, $labels);
        $placed = $layers->over($this->placements($files, $boards, $file, $labels));
        $answers = $file->lines();
        $resolver = new PartResolver(
            Recognizer::standard(),
            $file->leftOut($options),
            self::weighed($list, $weighings),
            $layers->components,
            array_values(
                array_map(
                    static fn(BoardShape $board): string => $board->name,
                    array_filter($boards, static fn(BoardShape $board): bool => $board->level === 'B'),
                ),
            ),
        );
        if ($placed->placements === []) {
            $placed = NetPlacements::of(
                $drawn->spots(),
                $resolver->recognitions($list, $answers, []),
                $file->groups()->sockets,
                $boards[0]->name,
                $placed,
            );
        }
        $recognitions = $resolver->recognitions($list, $answers, $placed->placements);
        [$sockets, $open] = (new Sockets())->pair($recognitions, $placed->placements, $file->groups()->sockets);
        $case = CaseParts::of(
            $recognitions,
            $placed->placements,
            $file->wires($options),
            $boards,
            $file->boards()->saidNone(),
        );
        $parts = $resolver->parts($list, $answers, $recognitions, $placed->placements, $sockets, $case);
        $boards = $this->withOutlines($boards, $parts, $layers->outlines);

        $kit = new Kit(
            new KitHead($file->text('code', ''), $file->text('name', 'Unnamed kit'), $file->text('revision', 'A')),
            $parts,
            $boards,
            new Choices(
                $file->settings(),
                $file->orderOverrides(),
                $file->bagOverrides(),
                $file->words(),
                $file->choices($options),
            ),
            new KitWork(
                $file->groups(),
                $file->gates($options),
                $file->tests($options),
                $file->wires($options),
                $file->workshop($options),
                $file->symptoms(),
                $file->feeds(),
                $file->photos($files),
            ),
            new KitNature($file->circuit(), $file->power(), $file->hazards(), $file->ruledOut(), $case->boardless),
            new Findings(
                $list,
                [
                    ...$list->problems,
                    ...$placed->problems,
                    ...$resolver->problems($list, $recognitions),
                    ...$logged,
                    ...$unread,
                    ...$unweighed,
                ],
                array_values(
                    array_diff(
                        array_map(strval(...), array_keys($placed->placements)),
                        array_map(strval(...), array_keys($parts)),
                    ),
                ),
                $this->unknownNames($file, $parts, $boards),
                $open,
                $placed->placements !== [],
                $drawn->reading($boards, $parts, $file->boards()->shifts()),
            ),
            new KitLogs(
                $pilot,
                $measurements,
                $file->firstKit(),
                OldTexts::read($files, $file->roles(), $file->oldText()),
                $weighings,
                $file->losses(),
            ),
        );

        return $kit->findings->drawn->nets->all === []
            ? $kit
            : $kit->withCircuit($kit->nature->circuit->completedBy(NetCircuit::of($kit)));
    }

    /**
     * @param array<string, string> $files
     * @param array<string, string> $labels
     * @param array<string, string> $roles file to role, as the maker says
     * @throws UnusableKit
     * @throws UnreadableTable
     */
    private function partsList(array $files, array $labels, array $roles): PartsList
    {
        foreach ([...self::said($files, $roles, FileRole::Parts), 'bom.csv', 'bom.tsv', 'bom.txt'] as $name) {
            if (isset($files[$name])) {
                return (new PartsReader())->read((new CsvReader())->read($files[$name], $labels[$name] ?? $name));
            }
        }
        throw UnusableKit::noPartsList();
    }

    /**
     * @param array<string, string> $files
     * @param list<BoardShape> $boards
     * @param array<string, string> $labels
     * @throws UnreadableTable
     */
    private function placements(array $files, array $boards, KitFile $file, array $labels): PlacementList
    {
        foreach ([...self::said($files, $file->roles(), FileRole::Places), ...self::PLACES] as $name) {
            if (isset($files[$name])) {
                return (new PlacementReader())
                    ->read(
                        (new CsvReader())->read($files[$name], $labels[$name] ?? $name),
                        array_map(static fn(BoardShape $board): string => $board->name, $boards),
                        $file->boards()->turned(),
                        $file->sides(),
                    )
                    ->shifted($file->boards()->shifts());
            }
        }

        return new PlacementList([], [], 'placements.csv');
    }

    /**
     * Tables that the maker says hold parts or places.
     *
     * @param array<string, string> $files
     * @param array<string, string> $roles
     * @return list<string>
     */
    private static function said(array $files, array $roles, FileRole $role): array
    {
        return array_values(
            array_filter(
                array_map(strval(...), array_keys($files)),
                static fn(string $name): bool => (array_change_key_case($roles)[strtolower($name)] ?? '') ===
                    $role->value && !LayerReader::isLayer($files[$name]),
            ),
        );
    }

    /**
     * @param list<Weighing> $weighings
     * @return array<int, float> grams a piece, by the row of the line
     */
    private static function weighed(PartsList $list, array $weighings): array
    {
        $pieces = $grams = [];
        foreach ($weighings as $weighing) {
            $pieces[mb_strtolower($weighing->part)][] = $weighing->pieces;
            $grams[mb_strtolower($weighing->part)][] = $weighing->grams;
        }
        $each = [];
        foreach ($list->lines as $line) {
            $mine = array_map(mb_strtolower(...), $line->names());
            $count = array_sum(
                array_merge(...array_map(static fn(string $name): array => $pieces[$name] ?? [], $mine)),
            );
            if ($count > 0) {
                $each[$line->row] =
                    array_sum(array_merge(...array_map(static fn(string $name): array => $grams[$name] ?? [], $mine))) /
                    $count;
            }
        }

        return $each;
    }

    /**
     * A board without an outline gets that of its profile layer, else one around its bodies.
     *
     * @param non-empty-list<BoardShape> $boards
     * @param array<string, KitPart> $parts
     * @param array<string, Polygon> $profiles by board
     * @return non-empty-list<BoardShape>
     */
    private function withOutlines(array $boards, array $parts, array $profiles): array
    {
        return array_map(static function (BoardShape $board) use ($parts, $profiles): BoardShape {
            if ($board->outline->corners !== []) {
                return $board;
            }
            if (isset($profiles[$board->name])) {
                return $board->withOutline($profiles[$board->name], true);
            }
            $points = [];
            foreach ($parts as $part) {
                if ($part->place->body !== null && $part->place->body->face->board === $board->name) {
                    array_push(
                        $points,
                        ...$part->place->body->footprint()->corners,
                        ...array_values($part->place->body->pins),
                    );
                }
            }
            [$left, $low, $right, $high] = $points === [] ? self::BLANK : (new Polygon($points))->bounds();
            $margin = $points === [] ? 0.0 : self::MARGIN;

            return $board->withOutline(
                new Polygon([
                    new Point($left - $margin, $low - $margin),
                    new Point($right + $margin, $low - $margin),
                    new Point($right + $margin, $high + $margin),
                    new Point($left - $margin, $high + $margin),
                ]),
            );
        }, $boards);
    }

    /**
     * @param array<string, KitPart> $parts
     * @param list<BoardShape> $boards
     * @return list<string>
     */
    private function unknownNames(KitFile $file, array $parts, array $boards): array
    {
        $groups = $file->groups();
        $named = array_keys($file->lines());
        foreach ($groups->sockets as $ic => $socket) {
            array_push($named, (string) $ic, $socket);
        }
        foreach ($groups->mates as $pair) {
            array_push($named, ...$pair);
        }
        foreach ($groups->assembly->before as $pair) {
            array_push($named, $pair->first, $pair->then);
        }
        array_push($named, ...array_merge(...$groups->assembly->subassemblies));
        foreach ($groups->panels as $panel) {
            array_push($named, ...$panel->parts);
        }
        foreach ($groups->cures as $cure) {
            array_push($named, ...$cure->of);
        }
        foreach ($groups->assembly->covers as $cover) {
            array_push($named, $cover->by, ...$cover->over);
        }
        foreach ($file->gates([]) as $gate) {
            array_push($named, ...$gate->needs, ...$gate->protects);
        }
        foreach ($file->workshop([])->cutting->windings as $winding) {
            $named[] = $winding->part;
        }
        foreach ($file->orderOverrides() as $override) {
            array_push($named, ...$override->parts, ...$override->after);
        }
        array_push($named, ...array_keys($file->bagOverrides()), ...$file->circuit()->names());
        $known = [
            ...array_keys($parts),
            ...array_map(static fn(BoardShape $board): string => $board->name, $boards),
            ...array_map(static fn(Wire $wire): string => $wire->name, $file->wires([])),
        ];

        return array_values(array_unique(array_diff(array_map(strval(...), $named), array_map(strval(...), $known))));
    }
}
