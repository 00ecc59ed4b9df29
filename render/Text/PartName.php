<?php

declare(strict_types=1);

namespace ChiralexRender\Text;

use Chiralex\Kit\KitPart;
use ChiralexRender\Words;

/** A part in the words of a contents list: its value, or its type, or what it is. */
final readonly class PartName
{
    public function __construct(private Words $words) {}

    public function value(KitPart $part): string
    {
        $value = $part->recognition->value;
        if ($value === null) {
            return trim($part->line->cells->value) === ''
                ? ucfirst($this->words->kind($part->kind()))
                : $part->line->cells->value;
        }
        $tolerance = $part->tolerance();
        $rest =
            preg_match('~(\d+(?:[.,]\d+)?)\s*V\b~u', $part->line->cells->value, $found) === 1
                ? ", {$found[1]}\u{2009}V"
                : '';

        return $value->value->display() . ($tolerance === null ? '' : ", {$tolerance}\u{2009}%") . $rest;
    }

    public function kind(KitPart $part): string
    {
        return $this->words->kind($part->kind());
    }

    /** What it is, where its value does not say so already. */
    public function kindBeside(KitPart $part): string
    {
        $kind = $this->kind($part);
        $last = (string) array_slice(explode(' ', $kind), -1)[0];

        return mb_stripos($this->value($part), $last) === false ? $kind : '';
    }
}
