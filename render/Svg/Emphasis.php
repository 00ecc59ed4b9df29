<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

/** Which parts a drawing shows in full light, and which bodies are there at all. */
final readonly class Emphasis
{
    /**
     * @param array<string, true> $lit
     * @param array<string, true> $fitted
     */
    public function __construct(private array $lit, private array $fitted) {}

    public function classes(string $designator): string
    {
        return isset($this->lit[$designator]) ? ' lit' : ' dim';
    }

    public function showsBody(string $designator): bool
    {
        return isset($this->lit[$designator]) || isset($this->fitted[$designator]);
    }
}
