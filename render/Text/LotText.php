<?php

declare(strict_types=1);

namespace ChiralexRender\Text;

use ChiralexRender\Words;

/** A letter to all who have a part of a bad lot, in their language; `{name}` and `{kits}` stand for each customer's own. */
final readonly class LotText
{
    public function __construct(private Words $words) {}

    public function subject(string $kit): string
    {
        return $this->words->sentence('lot.subject', ['kit' => $kit]);
    }

    /**
     * @param string $places designators, `K1` or `Q1, Q2`
     * @param bool $isLive on mains, or with stored charge: then it is not to be used until a good part is in
     */
    public function letter(string $places, string $part, bool $isLive, string $shop): string
    {
        return implode("\n", [
            $this->words->sentence('answer.hello', ['name' => '{name}']),
            '',
            $this->words->sentence('lot.what', ['kits' => '{kits}', 'places' => $places, 'part' => $part]),
            $this->words->sentence($isLive ? 'lot.live' : 'lot.wait'),
            $this->words->sentence('lot.free'),
            '',
            $this->words->sentence('answer.bye'),
            $shop,
        ]);
    }
}
