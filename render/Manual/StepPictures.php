<?php

declare(strict_types=1);

namespace ChiralexRender\Manual;

use Chiralex\Board\BoardShape;
use Chiralex\Board\Side;
use Chiralex\Build\Step;
use Chiralex\Kit\DrillFace;
use Chiralex\Kit\Hole;
use Chiralex\Kit\Kit;
use Chiralex\Manual\BeforePower;
use Chiralex\Manual\DrillPlan;
use Chiralex\Manual\Manual;
use Chiralex\Manual\ManualStep;
use ChiralexRender\Svg\BoardSvg;
use ChiralexRender\Svg\CalloutPicture;
use ChiralexRender\Svg\Crop;
use ChiralexRender\Svg\Emphasis;
use ChiralexRender\Svg\FaceSvg;
use ChiralexRender\Svg\Num;

/** The board as it is at each step, with the step's parts lit, and the pieces around a mark. */
final readonly class StepPictures
{
    private BoardSvg $svg;
    private Kit $kit;

    public function __construct(private Manual $manual)
    {
        $this->kit = $manual->kit;
        $this->svg = new BoardSvg($this->kit);
    }

    /** @return array{steps: array<int, string>, locators: array<int, string>, callouts: array<string, string>, power: array<string, string>, cover: list<string>} by step, and by `step:designator`, a wire's other end by `step:wire:2` */
    public function all(): array
    {
        $callouts = $steps = $locators = [];
        foreach ($this->manual->steps as $each) {
            $steps[$each->step->number] = $this->step($each->step->number);
            $locators[$each->step->number] = $this->locator($each->step);
            foreach ($each->callouts as $callout) {
                $picture = (new CalloutPicture($this->kit))->of($callout->designator);
                if ($picture !== null) {
                    $callouts["{$each->step->number}:{$callout->designator}"] = $this->callout(
                        $each->step->number,
                        $callout->designator,
                        $picture,
                    );
                }
            }
            foreach ($each->wires as $wire) {
                $face = Side::tryFrom($wire->face ?? 'top') ?? Side::Top;
                $ends = array_values(
                    array_filter(
                        [
                            (new CalloutPicture($this->kit))->terminal($wire->from, $face),
                            (new CalloutPicture($this->kit))->terminal($wire->to, $face),
                        ],
                        static fn(?array $end): bool => $end !== null,
                    ),
                );
                foreach ($ends as $index => $end) {
                    $callouts["{$each->step->number}:{$wire->name}" . ($index === 0 ? '' : ':2')] = $this->callout(
                        $each->step->number,
                        $wire->name,
                        $end,
                    );
                }
            }
        }

        return [
            'steps' => $steps,
            'locators' => array_diff($locators, ['']),
            'callouts' => $callouts,
            'power' => $this->power(),
            'cover' => $this->kit->nature->boardless
                ? array_map(
                    static fn(DrillFace $face): string => (new FaceSvg())->face($face, [], false),
                    DrillPlan::of($this->kit),
                )
                : array_map(fn(BoardShape $board): string => $this->svg->board($board, Side::Top), $this->kit->boards),
        ];
    }

    /** The step's board with everything fitted before it, or the face of the case it works at; empty for other work. */
    private function step(int $number): string
    {
        $each = $this->manual->steps[$number - 1] ?? null;
        if ($each === null) {
            return '';
        }
        $board = $each->step->face === null ? null : $this->kit->board($each->step->face->board);

        if ($each->step->face === null || $board === null) {
            return $this->case($each);
        }
        $side = $each->step->face->side;
        $crop = Crop::of($this->kit, $board, $side, $each->step->names());

        return $crop->cut(
            $this->svg->board(
                $board,
                $side,
                false,
                $this->emphasis($each->step, $each->step->names(), $crop->text()),
                $crop->window(),
            ),
        );
    }

    /** Where on its board a step works, where its picture shows a piece of it. */
    private function locator(Step $step): string
    {
        $board = $step->face === null ? null : $this->kit->board($step->face->board);

        return $step->face === null || $board === null
            ? ''
            : Crop::of($this->kit, $board, $step->face->side, $step->names())->locator($board, $step->face->side);
    }

    /** @return array<string, string> the boards as they must look before power, by board and side, what has a direction lit */
    private function power(): array
    {
        $pictures = [];
        $before = new BeforePower($this->manual);
        $fitted = $this->manual->order->fittedBefore((int) $before->step());
        foreach ($before->sides() as $key => $names) {
            [$board, $side] = [$this->kit->board($names['board']), Side::from($names['side'])];
            if ($board !== null) {
                $crop = Crop::of($this->kit, $board, $side, []);
                $pictures[$key] = $crop->cut(
                    $this->svg->board(
                        $board,
                        $side,
                        false,
                        new Emphasis(array_fill_keys($names['parts'], true), $fitted, $crop->text()),
                    ),
                );
            }
        }

        return $pictures;
    }

    private function case(ManualStep $each): string
    {
        $names = $each->step->names();
        foreach ($each->wires as $wire) {
            array_push($names, ...array_column($wire->ends(), 'part'));
        }
        foreach (DrillPlan::of($this->kit) as $face) {
            $here = array_map(static fn(Hole $hole): string => $hole->for, $face->holes);
            if (array_intersect($names, [...$here, $face->by]) !== []) {
                return (new FaceSvg())->face($face, $names, $each->wires !== []);
            }
        }

        return '';
    }

    /** @param array{board: string, side: string, crop: array{float, float, float, float}, arrow: ?array{float, float, float, float}} $picture of a callout */
    private function callout(int $number, string $designator, array $picture): string
    {
        $board = $this->kit->board($picture['board']);
        $step = $this->manual->steps[$number - 1]->step ?? null;
        if ($board === null || $step === null) {
            return '';
        }
        $svg = $this->svg->board(
            $board,
            Side::from($picture['side']),
            false,
            $this->emphasis($step, [$designator]),
            $picture['crop'],
        );
        $svg = (string) preg_replace(
            '~viewBox="[^"]*"~',
            'viewBox="' . implode(' ', array_map(Num::of(...), $picture['crop'])) . '"',
            $svg,
            1,
        );

        return str_replace('</svg>', $this->pointer($picture['arrow']) . '</svg>', $svg);
    }

    /** @param list<string> $lit */
    private function emphasis(Step $step, array $lit, ?float $text = null): Emphasis
    {
        return new Emphasis(array_fill_keys($lit, true), $this->manual->order->fittedBefore($step->number), $text);
    }

    /** @param ?array{float, float, float, float} $arrow */
    private function pointer(?array $arrow): string
    {
        if ($arrow === null) {
            return '';
        }
        [$x1, $y1, $x2, $y2] = $arrow;
        $length = max(0.001, hypot($x2 - $x1, $y2 - $y1));
        [$ux, $uy] = [($x2 - $x1) / $length, ($y2 - $y1) / $length];

        return sprintf(
            '<path class="pointer" d="M%s %sL%s %sM%s %sL%s %sL%s %s"/>',
            ...array_map(Num::of(...), [
                $x1,
                $y1,
                $x2,
                $y2,
                $x2 - $ux * 1.3 - $uy,
                $y2 - $uy * 1.3 + $ux,
                $x2,
                $y2,
                $x2 - $ux * 1.3 + $uy,
                $y2 - $uy * 1.3 - $ux,
            ]),
        );
    }
}
