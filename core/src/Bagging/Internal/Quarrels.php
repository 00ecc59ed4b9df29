<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Internal;

use Chiralex\Bagging\BagItem;
use Chiralex\Build\LookAlikes;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Kind;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** Which parts must not share a bag, and why. */
final readonly class Quarrels
{
    /** From this mass on a part breaks glass bodies beside it, grams; common practice, no source. */
    private const HEAVY = 15.0;
    /** Bodies of glass; common practice, no source. */
    private const GLASS = ['DO-35', 'DO-34'];

    public function __construct(private LookAlikes $alike) {}

    public static function of(Kit $kit): self
    {
        return new self(LookAlikes::of($kit));
    }

    public function between(BagItem $a, BagItem $b): ?Reason
    {
        foreach ($a->designators as $name) {
            foreach ($b->designators as $other) {
                if ($this->alike->areAlike($name, $other)) {
                    return new Reason(
                        'bags.look-alikes',
                        ['these' => $a->designators, 'those' => $b->designators],
                        Origin::Computed,
                    );
                }
            }
        }

        return $this->harm($a, $b);
    }

    private function harm(BagItem $a, BagItem $b): ?Reason
    {
        return $this->breaks($a->part, $b->part) || $this->breaks($b->part, $a->part)
            ? new Reason(
                'bags.glass-heavy',
                ['these' => $a->designators, 'those' => $b->designators],
                Origin::CommonPractice,
            )
            : ($this->scratches($a->part, $b->part) || $this->scratches($b->part, $a->part)
                ? new Reason(
                    'bags.board-alone',
                    ['these' => $a->designators, 'those' => $b->designators],
                    Origin::CommonPractice,
                )
                : null);
    }

    /**
     * @param list<BagItem> $items
     * @return list<list<int>> for each item those it quarrels with
     */
    public function foes(array $items): array
    {
        return array_map(
            static function (array $alike, array $loud): array {
                $foes = array_values(array_unique([...$alike, ...$loud]));
                sort($foes);

                return $foes;
            },
            $this->alikes($items),
            $this->loud($items),
        );
    }

    /**
     * @param list<BagItem> $items
     * @return list<list<int>> for each item its look-alikes
     */
    public function alikes(array $items): array
    {
        $place = [];
        foreach ($items as $index => $item) {
            $place += array_fill_keys($item->designators, $index);
        }
        $alike = array_fill(0, count($items), []);
        foreach ($items as $index => $item) {
            foreach ($item->designators as $name) {
                foreach ($this->alike->to($name) as $other) {
                    if (isset($place[$other]) && $place[$other] !== $index) {
                        $alike[$index][$place[$other]] = true;
                    }
                }
            }
        }

        return array_map(array_keys(...), $alike);
    }

    /**
     * @param list<BagItem> $items
     * @return list<list<int>> for each item those it would break, scratch, or be broken or scratched by
     */
    public function loud(array $items): array
    {
        $foes = array_fill(0, count($items), []);
        foreach ($items as $index => $item) {
            foreach ($this->quarrelsByItself($item->part) ? $items : [] as $other => $each) {
                if ($other !== $index && $this->harm($item, $each) !== null) {
                    $foes[$index][$other] = $foes[$other][$index] = true;
                }
            }
        }

        return array_map(array_keys(...), $foes);
    }

    /** True for what may not lie beside others whatever they look like: what breaks glass, what is scratched. */
    private function quarrelsByItself(KitPart $part): bool
    {
        return $part->kind() === Kind::Board || ($part->shape->grams ?? $part->row->body->grams) >= self::HEAVY;
    }

    private function breaks(KitPart $heavy, KitPart $glass): bool
    {
        return in_array($glass->shape->outline->name, self::GLASS, true) &&
            ($heavy->shape->grams ?? $heavy->row->body->grams) >= self::HEAVY;
    }

    /** A bare board rubs on another board and is scratched by leads and screws. */
    private function scratches(KitPart $board, KitPart $other): bool
    {
        return $board->kind() === Kind::Board &&
            !in_array($other->kind(), [Kind::Label, Kind::Wire, Kind::Cable], true);
    }
}
