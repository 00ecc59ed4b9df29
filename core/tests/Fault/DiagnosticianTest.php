<?php

declare(strict_types=1);

namespace Chiralex\Tests\Fault;

use Chiralex\Fault\Cause;
use Chiralex\Fault\Diagnosis\Answer;
use Chiralex\Fault\Diagnosis\Check;
use Chiralex\Fault\Diagnosis\CheckKind;
use Chiralex\Fault\Diagnosis\Diagnosis;
use Chiralex\Fault\Diagnosis\Diagnostician;
use Chiralex\Fault\Diagnosis\FaultModel;
use Chiralex\Fault\Diagnosis\Found;
use Chiralex\Fault\Diagnosis\Suspect;
use PHPUnit\Framework\TestCase;

/** The three causes and three checks of the worked example *diagnose*, its figures worked out by hand. */
final class DiagnosticianTest extends TestCase
{
    private const DARK = 'lamp stays dark';

    public function test_one_answer_gives_the_shares_of_the_worked_example(): void
    {
        $now = self::after(Answer::of('lamp rail', Found::Good));
        $sets = [];
        foreach ($now->sets as $set) {
            $sets[implode(' + ', array_column($set['causes'], 'name'))] = $set['probability'];
        }
        ksort($sets);
        self::assertEqualsWithDelta(
            [
                '' => 0.3392,
                'D1 reversed' => 0.026,
                'D1 reversed + LED1 faulty' => 0.0002,
                'LED1 faulty' => 0.1052,
                'LED1 reversed' => 0.5261,
                'LED1 reversed + D1 reversed' => 0.0009,
                'LED1 reversed + LED1 faulty' => 0.0024,
            ],
            $sets,
            5e-5,
        );
        self::assertEqualsWithDelta(0.5294, $now->causes[0]['probability'], 5e-5);
        self::assertFalse($now->isSure());
        self::assertSame([], $now->contradiction);
    }

    public function test_the_next_look_is_worth_most_a_minute_and_never_one_that_was_answered(): void
    {
        $now = self::after(Answer::of('lamp rail', Found::Good));
        self::assertSame(
            ['LED1 as drawn', 'known good LED1'],
            array_map(static fn($look): string => $look->check->name, $now->looks),
        );
        self::assertEqualsWithDelta([0.5382, 0.7809], array_column($now->looks, 'gain'), 5e-5);
        self::assertEqualsWithDelta(1.0765, $now->looks[0]->perMinute(), 5e-5);
        self::assertSame('LED1 as drawn', $now->next()?->check->name);
    }

    public function test_what_cannot_be_looked_at_teaches_nothing_and_is_not_asked_again(): void
    {
        $before = self::after();
        $after = self::after(Answer::of('lamp rail', Found::Cannot));
        self::assertEquals(array_column($before->sets, 'probability'), array_column($after->sets, 'probability'));
        self::assertCount(2, $after->looks);
        self::assertCount(2, self::model()->diagnose(self::DARK, without: ['multimeter'])->looks);
    }

    public function test_the_last_of_two_answers_counts_and_once(): void
    {
        self::assertEquals(
            self::after(Answer::of('LED1 as drawn', Found::Bad)),
            self::after(
                Answer::of('LED1 as drawn', Found::Good),
                Answer::of('LED1 as drawn', Found::Bad),
                Answer::of('LED1 as drawn', Found::Bad),
            ),
        );
    }

    public function test_it_ends_when_one_set_is_sure(): void
    {
        $now = self::after(Answer::of('lamp rail', Found::Good), Answer::of('LED1 as drawn', Found::Bad));
        self::assertTrue($now->isSure());
        self::assertSame('LED1 reversed', $now->sets[0]['causes'][0]->name);
        self::assertNull($now->next());
    }

    public function test_answers_that_do_not_go_together_are_named(): void
    {
        $odd = self::after(
            Answer::of('lamp rail', Found::Bad),
            Answer::of('LED1 as drawn', Found::Bad),
            Answer::of('known good LED1', Found::Good),
        );
        self::assertNotSame([], $odd->contradiction);
    }

    public function test_what_works_speaks_against_what_would_stop_it(): void
    {
        $plain = self::model()->diagnose(self::DARK);
        $works = self::model()->diagnose(self::DARK, ['bell silent']);
        $of = static fn(Diagnosis $now, string $name): float => array_column(
            array_map(static fn(array $each): array => [$each['suspect']->name, $each['probability']], $now->causes),
            1,
            0,
        )[$name];
        self::assertLessThan($of($plain, 'D1 reversed'), $of($works, 'D1 reversed'));
        self::assertGreaterThan($of($plain, 'LED1 reversed'), $of($works, 'LED1 reversed'));
    }

    public function test_a_number_that_was_read_points_at_what_would_show_it(): void
    {
        $now = self::after(Answer::read('lamp rail', 3.1));
        self::assertSame('LED1 faulty', $now->causes[0]['suspect']->name);
        $usual = self::after(Answer::read('lamp rail', 4.5));
        self::assertNotSame('LED1 faulty', $usual->causes[0]['suspect']->name);
    }

    public function test_a_round_of_a_mail_asks_three_checks_at_most_by_how_the_first_comes_out(): void
    {
        $round = self::model()->round(self::DARK)[0];
        $joint = static function (string $check): float {
            $looks = array_column(
                array_map(static fn($look): array => [$look->check->name, $look], self::after()->looks),
                1,
                0,
            );
            $gain = $looks[$check]->gain;
            foreach (
                [[Found::Good, 1.0 - $looks[$check]->bad], [Found::Bad, $looks[$check]->bad]] as [$found, $chance]
            ) {
                $next = self::after(Answer::of($check, $found));
                $gain += $next->isSure() ? 0.0 : $chance * max([0.0, ...array_column($next->looks, 'gain')]);
            }

            return $gain;
        };
        $gains = array_combine($names = ['lamp rail', 'LED1 as drawn', 'known good LED1'], array_map($joint, $names));
        arsort($gains);
        self::assertSame(array_key_first($gains), $round['look']->check->name);
        self::assertNotNull($round['bad']);
        self::assertNotSame($round['look']->check->name, $round['bad']->check->name);
    }

    private static function after(Answer ...$answers): Diagnosis
    {
        return self::model()->diagnose(self::DARK, [], array_values($answers));
    }

    private static function model(): Diagnostician
    {
        $suspect = static fn(
            string $name,
            Cause $class,
            float $odds,
            float $dark,
            float $bell,
            float ...$bad,
        ): Suspect => new Suspect(
            $name,
            $class,
            [explode(' ', $name)[0]],
            $odds,
            [self::DARK => $dark, 'bell silent' => $bell],
            array_combine(['lamp rail', 'LED1 as drawn', 'known good LED1'], $bad),
            $name === 'LED1 faulty' ? ['lamp rail' => ['low' => 3.0, 'high' => 3.2]] : [],
        );

        return new Diagnostician(
            new FaultModel(
                [
                    $suspect('LED1 reversed', Cause::Reversed, 0.02, 0.8, 0.005, 0.05, 0.8, 0.97),
                    $suspect('D1 reversed', Cause::Reversed, 0.01, 0.5, 0.5, 0.85, 0.02, 0.02),
                    $suspect('LED1 faulty', Cause::Faulty, 0.004, 0.8, 0.005, 0.05, 0.02, 0.97),
                ],
                [
                    new Check('lamp rail', CheckKind::Measure, 2.0, 'multimeter', pass: ['low' => 4.4, 'high' => 4.6]),
                    new Check('LED1 as drawn', CheckKind::Direction, 0.5),
                    new Check('known good LED1', CheckKind::KnownGood, 3.0),
                ],
                0.01,
            ),
        );
    }
}
