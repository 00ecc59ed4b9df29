<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Internal;

use Chiralex\Build\BuildOrder;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\Sorting;
use Chiralex\Reason\Reason;

/** Sorts a kit's parts under a school, before quarrels split the groups. */
final readonly class BaseGroups
{
    /** A stage takes steps until it holds this many parts; common practice, no source. */
    private const STAGE = 16;
    /** Bags stand in this order: stages and sides, what is on no board, then what has a bag of its own. */
    private const OFF_BOARD = 900;
    private const OWN = 1000;

    public function __construct(private Kit $kit, private ?BuildOrder $order) {}

    /**
     * @param list<KitPart> $parts
     * @return list<array{title: Reason, parts: non-empty-list<KitPart>}>
     */
    public function of(Sorting $school, array $parts): array
    {
        $stages = $school === Sorting::ByStep ? $this->stages() : [];
        $groups = [];
        foreach ($parts as $part) {
            [$rank, $title] = $this->group($school, $part, $stages);
            $groups[$rank]['title'] = $title;
            $groups[$rank]['parts'][] = $part;
        }
        ksort($groups);

        return array_values($groups);
    }

    /**
     * @param array<string, array{int, int, int}> $stages
     * @return array{int, Reason}
     */
    private function group(Sorting $school, KitPart $part, array $stages): array
    {
        $family = Family::of($part);
        $own = self::own($family);
        // Boards, wire and hardware keep bags of their own under every school.
        if ($school !== Sorting::ByKind && ($family === Family::Flat || $family->isHardware())) {
            return $school === Sorting::PartsAndHardware && $family !== Family::Flat
                ? self::own(Family::Hardware)
                : $own;
        }

        return match ($school) {
            Sorting::ByKind, Sorting::ByCost => $own,
            Sorting::PartsAndHardware => [0, new Reason('bags.parts')],
            Sorting::BySide => $this->side($part),
            Sorting::ByStep => isset($stages[$part->designator])
                ? [
                    $stages[$part->designator][0],
                    new Reason('bags.steps', [
                        'from' => $stages[$part->designator][1],
                        'to' => $stages[$part->designator][2],
                    ]),
                ]
                : [self::OFF_BOARD, new Reason('bags.off-board')],
        };
    }

    /** @return array{int, Reason} */
    private static function own(Family $family): array
    {
        return [self::OWN + $family->rank(), new Reason($family->value)];
    }

    /** @return array{int, Reason} */
    private function side(KitPart $part): array
    {
        foreach ($this->kit->boards as $index => $board) {
            foreach (['top', 'bottom'] as $turn => $side) {
                if (
                    $part->place->placement !== null &&
                    $part->place->placement->board === $board->name &&
                    $part->place->placement->side->value === $side
                ) {
                    return [2 * $index + $turn, new Reason('bags.side', ['board' => $board->name, 'side' => $side])];
                }
            }
        }

        return [self::OFF_BOARD, new Reason('bags.off-board')];
    }

    /**
     * Steps are gathered into stages: a gate ends one, and so does a full bag.
     *
     * @return array<string, array{int, int, int}> designator to stage, its first and its last step
     */
    private function stages(): array
    {
        $stages = [];
        $open = [];
        $stage = 0;
        foreach ($this->order->steps ?? [] as $step) {
            $names = array_values(
                array_diff(
                    $step->names(),
                    array_keys($stages),
                    ...array_map(static fn(array $each): array => $each['names'], $open),
                ),
            );
            if (
                $step->gate !== null ||
                array_sum(array_map(static fn(array $each): int => count($each['names']), $open)) + count($names) >
                    self::STAGE
            ) {
                $stages += $this->closed($open, $stage++);
                $open = [];
            }
            if ($names !== []) {
                $open[] = ['number' => $step->number, 'names' => $names];
            }
        }

        return $stages + $this->closed($open, $stage);
    }

    /**
     * @param list<array{number: int, names: list<string>}> $open
     * @return array<string, array{int, int, int}>
     */
    private function closed(array $open, int $stage): array
    {
        $numbers = array_column($open, 'number');

        return $numbers === []
            ? []
            : array_fill_keys(array_merge(...array_column($open, 'names')), [$stage, min($numbers), max($numbers)]);
    }
}
