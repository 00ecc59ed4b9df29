<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

use Chiralex\Board\BoardShape;
use Chiralex\Board\Files\FileRole;
use Chiralex\Board\Files\ReadFile;
use Chiralex\Board\Layer\ComponentLayer;
use Chiralex\Board\Layer\LayerComponent;
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
     * @param list<ReadFile> $files
     * @param non-empty-list<BoardShape> $boards
     * @param array<string, string> $labels names to call files by
     */
    public static function of(array $files, array $boards, array $labels): self
    {
        $components = $outlines = $problems = [];
        foreach ($files as $file) {
            $label = $labels[$file->name] ?? $file->name;
            $board = BoardFiles::boardOf($file->name, $boards);
            if ($file->problem !== null) {
                $problem = $file->problem;
                $problems[] = new Problem(
                    $problem->severity,
                    $problem->code,
                    ['file' => $label],
                    $label,
                    $problem->row,
                );
            } elseif (!$file->fate->isKnown()) {
                $problems[] = new Problem(ProblemSeverity::Warning, 'layer.no-function', ['file' => $label], $label);
            } elseif ($file->is(FileRole::Places) && $file->layer() !== null) {
                foreach ((new ComponentLayer())->components($file->layer(), $board) as $component) {
                    $components[$component->placement->designator] ??= $component;
                }
            } elseif ($file->is(FileRole::Outline) && $file->layer() !== null) {
                $outline = (new ProfileLayer())->outline($file->layer());
                if ($outline === null) {
                    $problems[] = new Problem(
                        ProblemSeverity::Warning,
                        'layer.open-profile',
                        ['board' => $board, 'file' => $label],
                        $label,
                    );
                } else {
                    $outlines[$board] ??= $outline;
                }
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
}
