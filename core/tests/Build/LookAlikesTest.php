<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\LookAlikeGroup;
use Chiralex\Build\LookAlikes;
use Chiralex\Kit\Kit;
use Chiralex\Kit\PartLook;
use Chiralex\Marking\Confusability;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Groups are a short way to say all pairs: they are held against the comparison of each part with each other one. */
final class LookAlikesTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach ([1, 2, 3, 4, 5, 6] as $seed) {
            yield "list {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_groups_say_what_comparing_all_with_all_says(int $seed): void
    {
        $kit = self::mixed($seed, 70);
        $alike = LookAlikes::of($kit);
        $compare = new Confusability();
        $names = array_keys($kit->parts);
        foreach ($names as $index => $one) {
            foreach (array_slice($names, $index + 1) as $other) {
                $expected = $compare
                    ->compare(PartLook::of($kit->parts[$one]), PartLook::of($kit->parts[$other]))
                    ->isLookAlike();
                $said = $alike->areAlike((string) $one, (string) $other);
                self::assertSame(
                    $expected,
                    $said,
                    "{$one} {$kit->parts[$one]->line->cells->value} and {$other} {$kit->parts[$other]->line->cells->value}",
                );
                self::assertSame($said, in_array((string) $other, $alike->to((string) $one), true));
            }
        }
    }

    public function test_diodes_in_one_body_are_one_group_and_not_every_pair(): void
    {
        $rows = array_map(static fn(int $i): string => "D{$i},1N" . (4000 + $i) . ',DO-35,', range(1, 300));
        $groups = LookAlikes::of(KitMaker::kit($rows))->groups;

        self::assertCount(1, $groups);
        self::assertSame([300, (300 * 299) / 2], [count($groups[0]->looks), $groups[0]->pairs()]);
    }

    public function test_a_look_that_stands_alone_in_its_body_is_no_group(): void
    {
        self::assertSame([], LookAlikes::of(KitMaker::kit(['D1,1N4148,DO-35,', 'D2,1N4148,DO-35,']))->groups);
    }

    public function test_a_group_is_of_the_kind_and_alike_for_the_reason_of_its_first_two(): void
    {
        $group = LookAlikes::of(KitMaker::kit(['D1,1N4148,DO-35,', 'ZD1,5V1,DO-35,Zener diode']))->groups[0];
        $parts = KitMaker::kit(['D1,1N4148,DO-35,', 'ZD1,5V1,DO-35,Zener diode'])->parts;

        self::assertSame($parts['D1']->kind(), $group->kind);
        self::assertEquals(
            (new Confusability())->compare(PartLook::of($parts['D1']), PartLook::of($parts['ZD1'])),
            $group->confusion,
        );
    }

    public function test_what_the_maker_names_counts_both_ways(): void
    {
        $alike = LookAlikes::of(
            KitMaker::kit(
                ['R1,1k,Axial 1/4W,', 'L1,10u,Axial 1/4W,inductor'],
                [],
                ['lines' => ['L1' => ['lookAlike' => ['R1']]]],
            ),
        );

        self::assertSame(
            [true, true, ['L1'], ['R1']],
            [$alike->areAlike('R1', 'L1'), $alike->areAlike('L1', 'R1'), $alike->to('R1'), $alike->to('L1')],
        );
        self::assertTrue($alike->any());
    }

    public function test_a_group_splits_into_as_many_pairs_as_asked_for(): void
    {
        $group = LookAlikes::of(
            KitMaker::kit(array_map(static fn(int $i): string => "D{$i},1N" . (4000 + $i) . ',DO-35,', range(1, 5))),
        )->groups[0];

        self::assertSame([10, 4, 0], array_map(static fn(int $most): int => count($group->split($most)), [99, 4, 0]));
        self::assertContainsOnlyInstancesOf(LookAlikeGroup::class, $group->split(4));
    }

    /** Many values, few bodies, so that bands, codes and small prints come near each other. */
    private static function mixed(int $seed, int $count): Kit
    {
        mt_srand($seed);
        $rows = [];
        for ($i = 1; $i <= $count; ++$i) {
            $figures = [10, 12, 22, 21, 33, 39, 47, 56, 68, 82][mt_rand(0, 9)];
            $rows[] = [
                "R{$i},{$figures}" . ['', '0', 'k'][mt_rand(0, 2)] . [' 5%', ' 1%'][mt_rand(0, 1)] . ',Axial 1/4W,',
                "R{$i}," . mt_rand(100, 999) . ' 1%,Axial 1/4W,',
                "C{$i},{$figures}" . ['p', 'n'][mt_rand(0, 1)] . ',disc 5mm,',
                "D{$i},1N" . mt_rand(4000, 4020) . ',DO-35,',
                "Q{$i},BC" . mt_rand(540, 560) . ',TO-92,',
                "LED{$i}," . ['red', 'green', 'blue'][mt_rand(0, 2)] . [' clear', ''][mt_rand(0, 1)] . ',LED 5mm,',
                "U{$i},NE" . mt_rand(550, 570) . ',DIP-8,',
            ][mt_rand(0, 6)];
        }

        return KitMaker::kit($rows);
    }
}
