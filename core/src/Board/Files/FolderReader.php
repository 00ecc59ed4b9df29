<?php

declare(strict_types=1);

namespace Chiralex\Board\Files;

use Chiralex\Board\Drill\DrillReader;
use Chiralex\Board\Exception\UnreadableLayer;
use Chiralex\Board\Layer\ComponentLayer;
use Chiralex\Board\Layer\DrillLayer;
use Chiralex\Board\Layer\Layer;
use Chiralex\Board\Layer\LayerNets;
use Chiralex\Board\Layer\LayerReader;
use Chiralex\Board\Layer\ProfileLayer;
use Chiralex\Board\Net\NetReader;
use Chiralex\Reason\Problem;
use Chiralex\Reason\ProblemSeverity;
use Chiralex\Reason\Reason;
use Chiralex\Table\CsvReader;
use Chiralex\Table\Exception\UnreadableTable;

/** Reads every file of a kit folder by what it is; a damaged one says so and leaves the others as they are. */
final readonly class FolderReader
{
    public function __construct(private RoleFinder $roles) {}

    /**
     * @param array<string, string> $files name to bytes
     * @return list<ReadFile> in the order of their names
     */
    public function read(array $files): array
    {
        ksort($files, SORT_STRING);

        return array_map(
            fn(string $name, string $bytes): ReadFile => $this->file($name, $bytes),
            array_map(strval(...), array_keys($files)),
            array_values($files),
        );
    }

    private function file(string $name, string $bytes): ReadFile
    {
        $fate = $this->roles->of($name, $bytes);
        try {
            return match ($fate->isKnown() ? $fate->role : null) {
                null => $this->unknown($name, $fate, $bytes),
                FileRole::Drill => $this->drill($name, $fate, $bytes),
                FileRole::Nets => $this->nets($name, $fate, $bytes),
                FileRole::Parts, FileRole::Places => LayerReader::isLayer($bytes)
                    ? $this->layer($name, $fate, $bytes)
                    : $this->table($name, $fate, $bytes),
                FileRole::Outline,
                FileRole::LegendTop,
                FileRole::LegendBottom,
                FileRole::MaskTop,
                FileRole::MaskBottom,
                FileRole::CopperTop,
                FileRole::CopperBottom
                    => $this->layer($name, $fate, $bytes),
                FileRole::Kit, FileRole::Other => new ReadFile($name, $fate),
                FileRole::Text => $this->text($name, $fate, $bytes),
                FileRole::Drawing => new ReadFile($name, $fate, read: [new Reason('file.read.drawing')]),
                default => new ReadFile($name, $fate, left: [new Reason('file.left.unused')]),
            };
        } catch (UnreadableLayer $fault) {
            return new ReadFile(
                $name,
                $fate,
                left: [$this->fault($name, $fault->getMessage())],
                problem: new Problem(
                    ProblemSeverity::Error,
                    $fault->reason,
                    [],
                    $name,
                    $fault->sourceLine === 0 ? null : $fault->sourceLine,
                ),
            );
        } catch (UnreadableTable $fault) {
            return new ReadFile($name, $fate, left: [$this->fault($name, $fault->getMessage())]);
        }
    }

    /**
     * Nothing is made of what is not known; that it is damaged is said all the same.
     *
     * @throws UnreadableLayer
     */
    private function unknown(string $name, FileFate $fate, string $bytes): ReadFile
    {
        return new ReadFile(
            $name,
            $fate,
            LayerReader::isLayer($bytes) ? (new LayerReader())->read($bytes, $name) : null,
            left: [
                $fate->role === FileRole::Other
                    ? new Reason('file.left.foreign')
                    : new Reason('file.left.unknown', ['role' => $fate->role->value]),
            ],
        );
    }

    /** @throws UnreadableLayer */
    private function drill(string $name, FileFate $fate, string $bytes): ReadFile
    {
        if (LayerReader::isLayer($bytes)) {
            $layer = (new LayerReader())->read($bytes, $name);
            $drill = (new DrillLayer())->holes($layer, $name);
        } else {
            $layer = null;
            $drill = (new DrillReader())->read($bytes, $name);
        }

        return new ReadFile(
            $name,
            $fate,
            $drill,
            read: [
                ...self::told('file.read.holes', count($drill->holes)),
                ...self::told('file.read.slots', count($drill->slots)),
            ],
            left: [
                ...self::told('file.left.commands', $drill->left),
                ...array_map(static fn(string $guess): Reason => new Reason("file.guess.{$guess}"), $drill->guesses),
                ...$layer === null ? [] : self::doubts($layer),
                ...$drill->holes === [] && $drill->slots === [] ? [new Reason('file.left.nothing')] : [],
            ],
        );
    }

    private function nets(string $name, FileFate $fate, string $bytes): ReadFile
    {
        [$joined, $left, $spots] = (new NetReader())->read($bytes);

        return new ReadFile(
            $name,
            $fate,
            $spots,
            joined: $joined,
            read: [
                ...self::told('file.read.pins', count($joined)),
                ...self::told('file.read.nets', count(array_unique(array_column($joined, 1)))),
            ],
            left: [
                ...self::told('file.left.records', $left),
                ...$joined === [] ? [new Reason('file.left.nothing')] : [],
            ],
        );
    }

    /** @throws UnreadableLayer */
    private function layer(string $name, FileFate $fate, string $bytes): ReadFile
    {
        if (!LayerReader::isLayer($bytes)) {
            return new ReadFile($name, $fate, left: [new Reason('file.left.no-layer')]);
        }
        $layer = (new LayerReader())->read($bytes, $name);
        $joined = (new LayerNets())->joined($layer);

        return new ReadFile(
            $name,
            $fate,
            $layer,
            joined: $joined,
            read: [...$this->drawn($fate, $layer), ...self::told('file.read.pins', count($joined))],
            left: [
                ...$fate->role === FileRole::Outline && (new ProfileLayer())->outline($layer) === null
                    ? [new Reason('file.left.open')]
                    : [],
                ...$layer->objects === [] ? [new Reason('file.left.nothing')] : [],
                ...$layer->isWhole ? [] : [new Reason('file.left.broken')],
                ...self::doubts($layer),
            ],
        );
    }

    /** @return list<Reason> what was guessed, and what was not followed */
    private static function doubts(Layer $layer): array
    {
        return [
            ...$layer->isUnitGuessed ? [new Reason('file.guess.unit-inch')] : [],
            ...$layer->passed === []
                ? []
                : [new Reason('file.left.older', ['commands' => implode(', ', $layer->passed)])],
        ];
    }

    /** @return list<Reason> */
    private function drawn(FileFate $fate, Layer $layer): array
    {
        return match ($fate->role) {
            FileRole::Outline => self::told('file.read.contours', count((new ProfileLayer())->contours($layer))),
            FileRole::Places => self::told(
                'file.read.components',
                count((new ComponentLayer())->components($layer, 'main')),
            ),
            default => self::told('file.read.objects', count($layer->objects)),
        };
    }

    private function text(string $name, FileFate $fate, string $bytes): ReadFile
    {
        $isRead = preg_match('~\.(?:md|odt|docx)$~i', $name) === 1 && $bytes !== '';

        return new ReadFile(
            $name,
            $fate,
            read: $isRead ? [new Reason('file.read.text')] : [],
            left: $isRead ? [] : [new Reason('file.left.unused')],
        );
    }

    /** @throws UnreadableTable */
    private function table(string $name, FileFate $fate, string $bytes): ReadFile
    {
        $table = (new CsvReader())->read($bytes, $name);

        return new ReadFile(
            $name,
            $fate,
            $fate->role === FileRole::Places ? TableSample::ofPlaces($table) : null,
            read: self::told('file.read.rows', count($table->rows)),
        );
    }

    /** The sentence of a fault, without the name of the file that stands before it. */
    private function fault(string $name, string $message): Reason
    {
        return new Reason('file.left.fault', [
            'fault' => preg_replace('~^' . preg_quote($name, '~') . '[,:]?\s*~', '', $message) ?? '',
        ]);
    }

    /** @return list<Reason> nothing for a count of none */
    private static function told(string $code, int $count): array
    {
        return $count === 0 ? [] : [new Reason($count === 1 ? "{$code}-one" : $code, ['count' => $count])];
    }
}
