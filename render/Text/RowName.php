<?php

declare(strict_types=1);

namespace ChiralexRender\Text;

use Chiralex\Bom\Designators;
use Chiralex\Kit\Kit;
use ChiralexRender\Words;

/** What a part is called in a list: its designator, or for a row without one how many there are, and of what. */
final readonly class RowName
{
    public function __construct(private Kit $kit, private Words $words) {}

    public function label(string $name): string
    {
        $part = $this->kit->part($name);

        return $part === null || Designators::isNamed($name) ? $name : max(1, $part->line->quantity) . ' ×';
    }

    public function full(string $name): string
    {
        $part = $this->kit->part($name);
        if ($part === null || Designators::isNamed($name)) {
            return $name;
        }
        $names = new PartName($this->words);

        return trim("{$this->label($name)} {$names->value($part)} {$names->kindBeside($part)}");
    }
}
