<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer\Internal;

use Chiralex\Board\Layer\LayerInk;
use Chiralex\Board\Layer\LayerObject;
use Chiralex\Board\Layer\Patch;
use Chiralex\Board\Point;

/**
 * Commands of older files that stand once for a whole image: axes (AS), scale (SF), mirror (MI), offset (OF), rotation (IR),
 * polarity (IP). Coordinates are exchanged, scaled, mirrored and moved, in this order, then all is turned; the shape of an
 * aperture is only turned. From memory of the deprecated commands of the published format.
 */
final readonly class ImageFrame
{
    private const COMMANDS = ['AS', 'SF', 'MI', 'OF', 'IR', 'IP'];

    /**
     * @param array<string, string> $said commands and what follows them, the last of each
     * @param float $unit millimetres in one of the file's
     */
    private function __construct(private array $said, private float $unit) {}

    public static function plain(): self
    {
        return new self([], 1.0);
    }

    public function take(string $text, float $unit): self
    {
        $command = substr($text, 0, 2);

        return in_array($command, self::COMMANDS, true)
            ? new self([$command => substr($text, 2)] + $this->said, $unit)
            : $this;
    }

    /**
     * @param list<LayerObject> $objects
     * @return list<LayerObject>
     */
    public function over(array $objects): array
    {
        if ($this->said === []) {
            return $objects;
        }
        $isNegative = ($this->said['IP'] ?? '') === 'NEG';
        $objects = array_map(
            fn(LayerObject $object): LayerObject => $object->mapped(
                $this->at(...),
                array_map(fn(Patch $patch): Patch => $patch->mapped($this->turned(...)), $object->patches),
                $object->width,
                $isNegative,
            ),
            $objects,
        );

        return $isNegative && $objects !== [] ? [self::sheet($objects), ...$objects] : $objects;
    }

    private function at(Point $point): Point
    {
        [$a, $b] = ($this->said['AS'] ?? '') === 'AYBX' ? [$point->y, $point->x] : [$point->x, $point->y];
        [$wide, $high] = $this->numbers('SF', 1.0);
        [$left, $down] = $this->numbers('MI', 0.0);
        [$x, $y] = $this->numbers('OF', 0.0);

        return $this->turned(
            new Point(
                $a * $wide * ($left === 1.0 ? -1.0 : 1.0) + $x * $this->unit,
                $b * $high * ($down === 1.0 ? -1.0 : 1.0) + $y * $this->unit,
            ),
        );
    }

    private function turned(Point $point): Point
    {
        return $point->turned((float) ($this->said['IR'] ?? '0'));
    }

    /** @return array{float, float} what a command says of A and of B */
    private function numbers(string $command, float $default): array
    {
        $text = $this->said[$command] ?? '';
        $of = static fn(string $axis): float => preg_match("~{$axis}([+-]?(?:\d+\.?\d*|\.\d+))~", $text, $found) === 1
            ? (float) $found[1]
            : $default;

        return [$of('A'), $of('B')];
    }

    /**
     * The ink that a negative image is cut out of.
     *
     * @param non-empty-list<LayerObject> $objects
     */
    private static function sheet(array $objects): LayerObject
    {
        $box = [INF, INF, -INF, -INF];
        foreach ($objects as $object) {
            foreach ((new LayerInk())->of($object) as $patch) {
                foreach ($patch->contours as $contour) {
                    foreach ($contour as $point) {
                        $box = [
                            min($box[0], $point->x),
                            min($box[1], $point->y),
                            max($box[2], $point->x),
                            max($box[3], $point->y),
                        ];
                    }
                }
            }
        }
        [$left, $low, $right, $high] = is_finite($box[0]) ? $box : [0.0, 0.0, 0.0, 0.0];

        return new LayerObject(
            'region',
            [new Point($left, $low), new Point($right, $low), new Point($right, $high), new Point($left, $high)],
            [],
            [],
        );
    }
}
