<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

/** Which parts a drawing shows in full light, and which bodies are there at all. */
final readonly class Emphasis
{
    /**
     * @param array<string, true> $lit
     * @param array<string, true> $fitted
     * @param ?float $text height of the names of what is lit, millimetres of the board; the others go without; null where all are named as usual
     */
    public function __construct(private array $lit, private array $fitted, public ?float $text = null) {}

    public function names(string $designator): bool
    {
        return $this->text === null || isset($this->lit[$designator]);
    }

    public function classes(string $designator): string
    {
        return isset($this->lit[$designator]) ? ' lit' : ' dim';
    }

    public function showsBody(string $designator): bool
    {
        return isset($this->lit[$designator]) || isset($this->fitted[$designator]);
    }
}
