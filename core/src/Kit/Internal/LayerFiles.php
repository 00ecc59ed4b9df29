<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

use Chiralex\Board\BoardShape;
use Chiralex\Board\Exception\UnreadableLayer;
use Chiralex\Board\Layer\ComponentLayer;
use Chiralex\Board\Layer\LayerComponent;
use Chiralex\Board\Layer\LayerReader;
use Chiralex\Board\Layer\ProfileLayer;
use Chiralex\Board\PlacementList;
use Chiralex\Board\Polygon;
use Chiralex\Reason\Problem;
use Chiralex\Reason\ProblemSeverity;

/** The layer files of a kit folder: what they say of components and outlines, and what could not be read. */
final readonly class LayerFiles
{
    /** Two files that put a part this far apart contradict each other, millimetres. */
    private const SAME_PLACE = 0.5;

    /**
     * @param array<string, LayerComponent> $components by designator
     * @param array<string, Polygon> $outlines by board
     * @param list<Problem> $problems
     */
    private function __construct(public array $components, public array $outlines, public array $problems) {}

    /**
     * @param array<string, string> $files name to bytes
     * @param non-empty-list<BoardShape> $boards
     * @param array<string, string> $labels names to call files by
     */
    public static function read(array $files, array $boards, array $labels): self
    {
        $components = $outlines = $problems = [];
        ksort($files);
        foreach ($files as $name => $bytes) {
            if (!LayerReader::isLayer($bytes)) {
                continue;
            }
            $label = $labels[$name] ?? $name;
            try {
                $layer = (new LayerReader())->read($bytes, $label);
            } catch (UnreadableLayer $fault) {
                $problems[] = new Problem(
                    ProblemSeverity::Error,
                    $fault->reason,
                    [],
                    $label,
                    $fault->sourceLine === 0 ? null : $fault->sourceLine,
                );
                continue;
            }
            $board = self::board($name, $boards);
            if ($layer->is('Component')) {
                foreach ((new ComponentLayer())->components($layer, $board) as $component) {
                    $components[$component->placement->designator] ??= $component;
                }
            } elseif ($layer->is('Profile')) {
                $outline = (new ProfileLayer())->outline($layer);
                if ($outline === null) {
                    $problems[] = new Problem(
                        ProblemSeverity::Warning,
                        'layer.open-profile',
                        ['board' => $board],
                        $label,
                    );
                } else {
                    $outlines[$board] ??= $outline;
                }
            } elseif ($layer->function === []) {
                $problems[] = new Problem(ProblemSeverity::Warning, 'layer.no-function', [], $label);
            }
        }

        return new self($components, $outlines, $problems);
    }

    /** The placements of a table with those of the layers put over them; the layers know more. */
    public function over(PlacementList $table): PlacementList
    {
        $placements = $table->placements;
        $problems = [...$table->problems, ...$this->problems];
        foreach ($this->components as $designator => $component) {
            $other = $placements[$designator] ?? null;
            if (
                $other !== null &&
                ($other->side !== $component->placement->side ||
                    $other->at->distanceTo($component->placement->at) > self::SAME_PLACE)
            ) {
                $problems[] = new Problem(
                    ProblemSeverity::Warning,
                    'placement.two-sources',
                    ['designator' => $designator],
                    $table->file,
                    $other->row,
                );
            }
            $placements[$designator] = $component->placement;
        }

        return new PlacementList($placements, $problems, $table->file);
    }

    /** @param non-empty-list<BoardShape> $boards */
    private static function board(string $file, array $boards): string
    {
        foreach ($boards as $board) {
            if (
                preg_match(
                    '~(?<![a-z0-9])' . preg_quote(mb_strtolower($board->name), '~') . '(?![a-z0-9])~u',
                    mb_strtolower($file),
                ) === 1
            ) {
                return $board->name;
            }
        }

        return $boards[0]->name;
    }
}
