<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Internal;

use Chiralex\Bagging\BagItem;
use Chiralex\Bagging\BagSize;
use Chiralex\Bom\Provision;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\Test;
use Chiralex\Part\Hold;
use Chiralex\Part\LeadStyle;
use Chiralex\Part\Sensitivity;

/** Who may lie in one bag with whom: never, on the labelled strip only, or freely. Items are called by their place in the list. */
final readonly class BagTies
{
    /**
     * @param list<BagItem> $items
     * @param list<array<int, true>> $never for each item those it may not lie with
     * @param list<array<int, true>> $alike for each item its look-alikes
     * @param list<float> $volumes cubic millimetres
     * @param list<int> $families for each item which family it is of
     */
    private function __construct(
        public array $items,
        public array $never,
        public array $alike,
        public array $volumes,
        public array $families,
    ) {}

    /** @param list<BagItem> $items */
    public static function of(array $items, Kit $kit, Quarrels $quarrels): self
    {
        $alike = self::asKeys($quarrels->alikes($items));
        $never = self::asKeys($quarrels->loud($items));
        $sorts = array_map(static fn(BagItem $item): string => self::sort($item->part, $kit), $items);
        foreach ($items as $one => $item) {
            foreach ($items as $other => $others) {
                if ($sorts[$one] !== $sorts[$other]) {
                    $never[$one][$other] = true;
                }
            }
            foreach (array_keys($alike[$one]) as $other) {
                if (!self::canBeOnStrip($item->part) || !self::canBeOnStrip($items[$other]->part)) {
                    $never[$one][$other] = true;
                }
            }
        }
        $volume = new Volume($kit);

        return new self(
            $items,
            $never,
            $alike,
            array_map($volume->of(...), $items),
            array_map(static fn(BagItem $item): int => Family::of($item->part)->rank(), $items),
        );
    }

    /** True for leads that a tape takes: bent or splayed ones. */
    public static function canBeOnStrip(KitPart $part): bool
    {
        return $part->shape->hold === null
            ? in_array($part->shape->outline->leads->style, [LeadStyle::AxialWire, LeadStyle::RadialWire], true)
            : in_array($part->shape->hold, [Hold::Bend, Hold::Splay], true);
    }

    /** True where no bag is large enough. */
    public function isForBox(int $item): bool
    {
        return $this->volumes[$item] > BagSize::largest();
    }

    /** What only lies with its like: static-sensitive parts, and loose parts for a test. */
    private static function sort(KitPart $part, Kit $kit): string
    {
        $isForTest =
            $part->supply === Provision::Loose &&
            array_filter(
                $kit->work->tests,
                static fn(Test $test): bool => $test->name !== '' &&
                    mb_strtolower($test->name) === mb_strtolower($part->notes->usedAt),
            ) !== [];

        return ($isForTest ? 'test' : '') . ($part->shape->sensitivity === Sensitivity::Static ? ' static' : '');
    }

    /**
     * @param list<list<int>> $lists
     * @return list<array<int, true>>
     */
    private static function asKeys(array $lists): array
    {
        return array_map(static fn(array $list): array => array_fill_keys($list, true), $lists);
    }
}
