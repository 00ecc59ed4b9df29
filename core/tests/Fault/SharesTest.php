<?php

declare(strict_types=1);

namespace Chiralex\Tests\Fault;

use Chiralex\Fault\Cause;
use Chiralex\Fault\FaqEntry;
use Chiralex\Fault\FaqPlaces;
use Chiralex\Fault\FaqUse;
use Chiralex\Fault\FaultOrigin;
use Chiralex\Fault\JudgedCause;
use Chiralex\Fault\ReportedFault;
use Chiralex\Fault\Shares;
use Chiralex\Fault\Symptom;
use PHPUnit\Framework\TestCase;

final class SharesTest extends TestCase
{
    public function test_shares_name_every_origin_and_leave_open_reports_apart(): void
    {
        $shares = Shares::of([
            self::report(Cause::Reversed),
            self::report(Cause::Reversed),
            self::report(Cause::Supply),
            self::report(),
        ]);
        self::assertSame([3, 1], [$shares->judged, $shares->open]);
        self::assertSame(['reversed' => 2, 'supply' => 1], $shares->causes);
        self::assertSame(
            ['builder' => 2, 'part' => 0, 'document' => 0, 'design' => 0, 'equipment' => 1, 'none' => 0],
            $shares->origins,
        );
    }

    public function test_an_entry_stands_at_the_step_that_holds_most_of_its_parts(): void
    {
        $steps = [
            ['number' => 1, 'names' => ['D1', 'D2']],
            ['number' => 2, 'names' => ['ZD1', 'D3']],
            ['number' => 3, 'names' => ['supply']],
        ];
        $entries = [
            new FaqEntry(
                1,
                Symptom::Nothing->value,
                Cause::Reversed,
                '',
                'Nothing happens',
                'Turn D1.',
                ['D1'],
                new FaqUse(2),
            ),
            new FaqEntry(
                2,
                Symptom::Hot->value,
                Cause::Swapped,
                '',
                'It gets hot',
                'ZD1 and D3 look alike.',
                ['D2', 'ZD1', 'D3'],
                new FaqUse(5),
            ),
            new FaqEntry(
                3,
                Symptom::Nothing->value,
                Cause::Supply,
                '',
                'No reading',
                'A fresh battery.',
                ['supply'],
                new FaqUse(2),
            ),
            new FaqEntry(
                4,
                Symptom::Other->value,
                Cause::None,
                '',
                'It clicks',
                'It is meant to.',
                ['gone'],
                new FaqUse(0),
            ),
        ];
        $placed = (new FaqPlaces())->placed($entries, $steps);
        self::assertSame(
            [[2, 2], [1, 1], [3, 3], [4, null]],
            array_map(static fn(array $each): array => [$each['entry']->id, $each['step']], $placed),
        );
    }

    public function test_an_answer_that_keeps_builders_from_writing_goes_before_one_that_is_asked_for_as_often(): void
    {
        $entry = static fn(int $id, FaqUse $use): FaqEntry => new FaqEntry(
            $id,
            'other',
            Cause::None,
            '',
            '',
            '',
            [],
            $use,
        );
        $placed = (new FaqPlaces())->placed(
            // 4 reports at (0 + 1) / (8 + 2), 2 at (7 + 1) / (8 + 2), 3 that nobody opened at a half.
            [$entry(1, new FaqUse(4, 8, 6, 0)), $entry(2, new FaqUse(2, 8, 7, 7)), $entry(3, new FaqUse(3))],
            [],
        );
        self::assertSame([2, 3, 1], array_map(static fn(array $each): int => $each['entry']->id, $placed));
        self::assertEqualsWithDelta(
            [1.6, 1.5, 0.4],
            array_map(static fn(array $each): float => $each['entry']->use->saves(), $placed),
            1e-9,
        );
    }

    public function test_each_of_the_six_origins_is_usual_for_some_cause(): void
    {
        $origins = array_unique(
            array_map(static fn(Cause $cause): string => $cause->usualOrigin()->value, Cause::cases()),
        );
        sort($origins);
        $all = array_map(static fn(FaultOrigin $origin): string => $origin->value, FaultOrigin::cases());
        sort($all);
        self::assertSame($all, $origins);
    }

    public function test_a_report_of_two_causes_counts_for_both_and_once_for_its_symptom(): void
    {
        $shares = Shares::of([self::report(Cause::WiresSwapped, Cause::DryJoint)]);
        self::assertSame([1, ['nothing-happens' => 1]], [$shares->judged, $shares->symptoms]);
        self::assertSame(['dry-joint' => 1, 'wires-swapped' => 1], $shares->causes);
    }

    public function test_a_cause_is_named_as_a_diagnosis_names_it(): void
    {
        $named = static fn(Cause $cause, string $part): string => (new JudgedCause(
            $cause,
            $part,
            $cause->usualOrigin(),
        ))->name();
        self::assertSame('D1 reversed', $named(Cause::Reversed, 'D1'));
        self::assertSame('dry joint in step 4', $named(Cause::DryJoint, 'step 4'));
        self::assertSame('supply', $named(Cause::Supply, ''));
    }

    private static function report(Cause ...$causes): ReportedFault
    {
        return new ReportedFault(
            $causes === [] ? null : Symptom::Nothing->value,
            array_map(
                static fn(Cause $cause): JudgedCause => new JudgedCause($cause, 'D1', $cause->usualOrigin()),
                array_values($causes),
            ),
        );
    }
}
