<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer\Internal;

use Chiralex\Board\Layer\Aperture;
use Chiralex\Board\Layer\LayerObject;
use Chiralex\Board\Layer\Patch;

/** The apertures and macros a layer file has defined so far. */
final readonly class ApertureList
{
    /**
     * @param array<int, Aperture> $apertures by number
     * @param array<string, Macro> $macros by name
     * @param string $open the macro that is being written
     */
    public function __construct(public array $apertures = [], private array $macros = [], private string $open = '') {}

    public function opened(string $macro): self
    {
        return new self($this->apertures, [$macro => new Macro()] + $this->macros, $macro);
    }

    /** One more line of the macro that is open. */
    public function line(string $text): self
    {
        $macro = $this->macros[$this->open] ?? new Macro();

        return new self($this->apertures, [$this->open => $macro->with($text)] + $this->macros, $this->open);
    }

    /**
     * @param string $template `C`, `R`, `O`, `P` or the name of a macro
     * @param list<float> $sizes in the unit of the file
     * @param float $unit millimetres
     * @param list<string> $function
     */
    public function defined(int $number, string $template, array $sizes, float $unit, array $function): self
    {
        $macro = $this->macros[$template] ?? null;
        $aperture =
            $macro === null
                ? self::standard(
                    $template,
                    array_map(static fn(float $size): float => $size * $unit, $sizes),
                    $sizes,
                    $function,
                )
                : new Aperture(0.0, false, $macro->patches($sizes, $unit), $function);

        return new self([$number => $aperture] + $this->apertures, $this->macros, $this->open);
    }

    /** @param list<LayerObject> $objects what the block lays down */
    public function withBlock(int $number, array $objects): self
    {
        return new self(
            [$number => new Aperture(0.0, false, [], block: $objects)] + $this->apertures,
            $this->macros,
            $this->open,
        );
    }

    /**
     * @param list<float> $mm sizes in millimetres
     * @param list<float> $sizes as they stand: corners and angle of a polygon are no lengths
     * @param list<string> $function
     */
    private static function standard(string $template, array $mm, array $sizes, array $function): Aperture
    {
        [$first, $second] = [$mm[0] ?? 0.0, $mm[1] ?? ($mm[0] ?? 0.0)];
        [$contour, $hole] = match ($template) {
            'C' => [$first > 0.0 ? Shapes::circle($first) : [], array_slice($mm, 1)],
            'R' => [Shapes::box($first, $second), array_slice($mm, 2)],
            'O' => [Shapes::obround($first, $second), array_slice($mm, 2)],
            'P' => [
                Shapes::polygon($first, (int) max(3, min(12, $sizes[1] ?? 3)), $sizes[2] ?? 0.0),
                array_slice($mm, 3),
            ],
            default => [[], []],
        };
        $contours = array_filter([
            $contour,
            match (true) {
                ($hole[0] ?? 0.0) <= 0.0 => [],
                isset($hole[1]) => Shapes::box($hole[0], $hole[1]),
                default => Shapes::circle($hole[0]),
            },
        ]);
        $isRound = $template === 'C' && count($contours) < 2;

        return new Aperture(
            in_array($template, ['C', 'R', 'O', 'P'], true) ? $first : 0.0,
            $isRound,
            $isRound || $contours === [] ? [] : [new Patch(array_values($contours))],
            $function,
        );
    }
}
