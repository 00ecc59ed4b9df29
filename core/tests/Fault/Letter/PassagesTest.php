<?php

declare(strict_types=1);

namespace Chiralex\Tests\Fault\Letter;

use Chiralex\Fault\Letter\LetterKind;
use Chiralex\Fault\Letter\Passage;
use Chiralex\Fault\Letter\Passages;
use Chiralex\Fault\Letter\ReportBlock;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PassagesTest extends TestCase
{
    /** @return iterable<string, array{string, string}> a letter, and what its writer says */
    public static function letters(): iterable
    {
        yield 'nothing but words' => ["It is dead.\n\nGwen", "It is dead.\n\nGwen"];
        yield 'an answer above a quotation' => [
            "Still dead.\n\nOn Tue, 3 Nov 2026 at 09:12, Saltmarsh Bench <shop@example.org> wrote:\n> Turn D1.\n> Then try.",
            'Still dead.',
        ];
        yield 'an introduction folded over two lines' => [
            "Still dead.\n\nOn Tue, 3 Nov 2026 at 09:12, Saltmarsh Bench\n<shop@example.org> wrote:\n\n> Turn D1.",
            'Still dead.',
        ];
        yield 'in German' => [
            "Noch immer tot.\n\nAm 03.11.26 um 09:12 schrieb Saltmarsh Bench:\n> D1 drehen.",
            'Noch immer tot.',
        ];
        yield 'answers between the quoted lines' => ["> Is there light?\nNo.\n> And sound?\nYes.", "No.\nYes."];
        yield 'an original message below a rule' => [
            "Dead.\n\n-----Original Message-----\nFrom: shop\n\nTurn D1.",
            'Dead.',
        ];
        yield 'a signature' => ["Dead.\n\n-- \nGwen Tarrow\n4 Quay Lane", 'Dead.'];
        yield 'what looks like an introduction and quotes nothing' => [
            "On the label it says what I wrote:\nFB-B, nothing else.",
            "On the label it says what I wrote:\nFB-B, nothing else.",
        ];
        yield 'nothing but a quotation is better than nothing' => ['> Turn D1.', '> Turn D1.'];
        yield 'line ends of every kind' => ["One.\r\nTwo.\rThree.", "One.\nTwo.\nThree."];
    }

    #[DataProvider('letters')]
    public function test_the_words_of_the_writer_stand_alone(string $letter, string $said): void
    {
        self::assertSame($said, Passages::of($letter)->said());
    }

    #[DataProvider('letters')]
    public function test_nothing_of_a_letter_is_lost(string $letter, string $said): void
    {
        $all = implode("\n", array_map(static fn(Passage $each): string => $each->text, Passages::of($letter)->all));
        self::assertSame(str_replace(["\r\n", "\r"], "\n", $letter), $all, $said);
    }

    public function test_random_letters_lose_nothing_either(): void
    {
        mt_srand(5);
        $lines = [
            '> quoted',
            'words',
            '',
            '-- ',
            '--- chiralex report 1 ---',
            'kit: Frost Bell',
            '--- end ---',
            'On x wrote:',
            '-----Original Message-----',
            '>> twice',
        ];
        for ($round = 0; $round < 500; ++$round) {
            $letter = implode("\n", array_map(static fn(): string => $lines[mt_rand(0, 9)], range(1, mt_rand(1, 12))));
            $all = implode(
                "\n",
                array_map(static fn(Passage $each): string => $each->text, Passages::of($letter)->all),
            );
            self::assertSame($letter, $all);
        }
    }

    public function test_the_block_is_read_quoted_folded_and_cut_off(): void
    {
        $block =
            "--- chiralex report 1 ---\nkit: Frost Bell\nrevision: B\nserial: FB-B-00012-K\nstep: 4 Resistors\nreadings: 5 V rail 3.1 V (expected\n4.8 to 5.2 V)\nshoe-size: 43\n--- end ---\nkit: other";
        foreach ([$block, (string) preg_replace('~^~m', '> ', $block), str_replace("\n", "\r\n", $block)] as $text) {
            $read = ReportBlock::in("Hello\n{$text}");
            self::assertSame('Frost Bell', $read?->field('kit'));
            self::assertSame('FB-B-00012-K', $read->field('serial'));
            self::assertSame('5 V rail 3.1 V (expected 4.8 to 5.2 V)', $read->field('readings'));
            self::assertSame('', $read->field('shoe-size'));
        }
        $cut = ReportBlock::in("--- chiralex report 2 ---\nkit: Halt Signal\nserial: HS");
        self::assertSame([2, 'Halt Signal', 'HS'], [$cut?->version, $cut?->field('kit'), $cut?->field('serial')]);
        self::assertNull(ReportBlock::in('kit: Frost Bell'));
        self::assertStringNotContainsString(
            'chiralex',
            Passages::of("Dead.\n\n--- chiralex report 1 ---\nkit: X\n--- end ---")->said(),
        );
    }

    /** @return iterable<string, array{array<string, string>, string, LetterKind}> */
    public static function heads(): iterable
    {
        yield 'a person' => [[], 'gwen@example.org', LetterKind::Letter];
        yield 'Auto-Submitted: no, RFC 3834 5' => [['auto-submitted' => 'no'], 'gwen@example.org', LetterKind::Letter];
        yield 'on holiday' => [['auto-submitted' => 'auto-replied'], 'gwen@example.org', LetterKind::AutoReply];
        yield 'a mailing' => [['precedence' => 'bulk'], 'news@example.org', LetterKind::AutoReply];
        yield 'a report of delivery, RFC 3464' => [
            [
                'content-type' => 'multipart/report; report-type=delivery-status; boundary=x',
                'auto-submitted' => 'auto-replied',
            ],
            'mailer-daemon@example.org',
            LetterKind::Bounce,
        ];
        yield 'an old server says it in words only' => [
            ['return-path' => '<>'],
            'MAILER-DAEMON@example.org',
            LetterKind::Bounce,
        ];
        yield 'a person whose name is postmaster' => [
            ['return-path' => '<postmaster@example.org>'],
            'postmaster@example.org',
            LetterKind::Letter,
        ];
        yield 'a read receipt is no bounce' => [
            [
                'content-type' => 'multipart/report; report-type=disposition-notification',
                'auto-submitted' => 'auto-replied',
            ],
            'gwen@example.org',
            LetterKind::AutoReply,
        ];
    }

    /** @param array<string, string> $head */
    #[DataProvider('heads')]
    public function test_machines_are_told_from_people_by_the_head(array $head, string $from, LetterKind $kind): void
    {
        self::assertSame($kind, LetterKind::of($head, $from));
    }
}
