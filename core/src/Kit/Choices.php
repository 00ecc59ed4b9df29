<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** What the maker chose: settings, and answers that go before what is computed. */
final readonly class Choices
{
    /**
     * @param list<OrderOverride> $order
     * @param array<string, string> $bags designator to the name of the bag the maker puts it into
     * @param array<string, string> $words sentences the maker wrote, by key
     * @param list<Option> $options what a customer may choose, and what is chosen here
     */
    public function __construct(
        public Settings $settings,
        public array $order = [],
        public array $bags = [],
        public array $words = [],
        public array $options = [],
    ) {}
}
