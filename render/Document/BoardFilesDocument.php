<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Board\Drill\DrilledHole;
use Chiralex\Board\Drill\DrilledSlot;
use Chiralex\Board\Files\BoardFacts;
use Chiralex\Board\Files\FileRole;
use Chiralex\Board\Files\ReadFile;
use Chiralex\Board\Files\TableSample;
use Chiralex\Board\Net\Net;
use Chiralex\Board\Point;
use Chiralex\Kit\BoardReading;
use Chiralex\Kit\DerivedCircuit;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Reason\Reason;
use ChiralexRender\Svg\LayerPicture;
use ChiralexRender\Words;

/** The document of `board`: what was made of every file, and what the files say. */
final readonly class BoardFilesDocument
{
    public function __construct(private Words $words) {}

    /**
     * @param list<ReadFile> $files
     * @param ?Kit $kit null where it cannot be read; then nothing is said of places
     * @param ?string $damage why the kit file cannot be read
     * @return array<string, mixed>
     */
    public function of(array $files, BoardReading $drawn, ?Kit $kit, ?string $damage = null): array
    {
        return [
            'files' => array_map(fn(ReadFile $file): array => $this->file($file, $damage), $files),
            'boards' => array_map(
                fn(string $name, BoardFacts $facts): array => $this->board($name, $facts, $kit),
                array_map(strval(...), array_keys($drawn->boards)),
                array_values($drawn->boards),
            ),
            'nets' => array_map(
                static fn(Net $net): array => ['name' => $net->name, 'pins' => $net->pins],
                $drawn->nets->all,
            ),
            'sideWords' => self::sideWords($kit),
            'derived' => self::derived($kit === null ? null : DerivedCircuit::of($kit, $drawn->nets)),
        ];
    }

    /** @return array<string, mixed> */
    private function file(ReadFile $file, ?string $damage): array
    {
        $left = array_map($this->said(...), $file->left);

        return [
            'name' => $file->name,
            'role' => $file->fate->role->value,
            'how' => $file->fate->how,
            'read' => array_map($this->said(...), $file->read),
            'left' => $damage !== null && $file->is(FileRole::Kit) ? [...$left, $damage] : $left,
            ...$file->sample() === null ? [] : ['table' => self::table($file->sample())],
            ...$file->fate->isKnown() || $file->layer() === null
                ? []
                : ['picture' => (new LayerPicture())->of($file->layer())],
        ];
    }

    /** @return array{headers: list<string>, fields: list<string>, rows: list<list<string>>, guessed: list<string>} a field for each column, empty for one that is left */
    private static function table(TableSample $sample): array
    {
        $fields = array_fill(0, count($sample->headers), '');
        foreach ($sample->columns as $field => $column) {
            $fields[$column] = $field;
        }

        return [
            'headers' => $sample->headers,
            'fields' => array_values($fields),
            'rows' => $sample->rows,
            'guessed' => $sample->guessed,
        ];
    }

    /** @return list<array{word: string, count: int}> words of a placement file that nobody has said a side for */
    private static function sideWords(?Kit $kit): array
    {
        $words = [];
        foreach ($kit->findings->problems ?? [] as $problem) {
            $word = $problem->args['word'] ?? null;
            $count = $problem->args['count'] ?? null;
            if ($problem->code === 'placement.side-word' && is_string($word) && is_int($count)) {
                $words[] = ['word' => $word, 'count' => $count];
            }
        }

        return $words;
    }

    private function said(Reason $reason): string
    {
        $role = $reason->args['role'] ?? null;

        return $this->words->sentence($reason->code, [
            ...$reason->args,
            ...is_string($role) ? ['role' => $this->words->sentence("file.role.{$role}")] : [],
        ]);
    }

    /** @return array<string, mixed> */
    private function board(string $name, BoardFacts $facts, ?Kit $kit): array
    {
        $bounds = $facts->outline?->bounds();

        return [
            'name' => $name,
            'width' => $bounds === null ? null : self::mm($bounds[2] - $bounds[0]),
            'height' => $bounds === null ? null : self::mm($bounds[3] - $bounds[1]),
            'area' => $facts->area() === null ? null : self::mm($facts->area()),
            'cutouts' => count($facts->cutouts),
            'holes' => array_map(
                static fn(DrilledHole $hole): array => [
                    'x' => self::mm($hole->at->x),
                    'y' => self::mm($hole->at->y),
                    'diameter' => self::mm($hole->diameter),
                    'plated' => $hole->plated,
                ],
                $facts->holes,
            ),
            'slots' => array_map(
                static fn(DrilledSlot $slot): array => [
                    'from' => self::place($slot->from),
                    'to' => self::place($slot->to),
                    'width' => self::mm($slot->width),
                    'plated' => $slot->plated,
                ],
                $facts->slots,
            ),
            'prints' => $this->prints($name, $kit),
        ];
    }

    /** @return list<array{designator: string, side: string, shows: list<string>, direction: ?bool, mark: ?string, read: bool, value: string, others: list<string>}> */
    private function prints(string $board, ?Kit $kit): array
    {
        if ($kit === null) {
            return [];
        }
        $placed = array_filter(
            $kit->parts,
            static fn(KitPart $part): bool => $part->place->body?->face->board === $board,
        );
        uksort($placed, strnatcmp(...));
        $prints = [];
        foreach ($placed as $name => $part) {
            $print = $kit->findings->drawn->prints[$name] ?? null;
            $prints[] = [
                'designator' => (string) $name,
                'side' => $part->place->body->face->side->value ?? 'top',
                'shows' => $print->shows ?? [],
                'direction' => $print?->hasDirection(),
                'mark' => $print?->mark,
                'read' => $print->isRead ?? false,
                'value' => $print->value ?? '',
                'others' => $print->others ?? [],
            ];
        }

        return $prints;
    }

    /** @return array{clamps: list<array{string, string}>, drivers: list<array{string, string}>, feeds: object, series: list<array{string, string}>} */
    private static function derived(?DerivedCircuit $circuit): array
    {
        return [
            'clamps' => $circuit->clamps ?? [],
            'drivers' => $circuit->drivers ?? [],
            'feeds' => (object) ($circuit->feeds ?? []),
            'series' => $circuit->series ?? [],
        ];
    }

    /** @return array{float, float} */
    private static function place(Point $point): array
    {
        return [self::mm($point->x), self::mm($point->y)];
    }

    private static function mm(float $value): float
    {
        return round($value, 4) + 0.0;
    }
}
