<?php

declare(strict_types=1);

namespace App\Actions\Report\Intake;

use Chiralex\Fault\Letter\ReportRow;
use Chiralex\Fault\Letter\ReportTable;
use Chiralex\Reason\Problem;
use Chiralex\Table\CsvReader;
use Chiralex\Table\Exception\UnreadableTable;
use ChiralexAdapters\Mail\Mbox;
use ChiralexRender\Told;
use ChiralexRender\Words;

/** Takes a file of letters or reports in, one after the other; what of it cannot be taken is told with its row, the rest is taken. */
final readonly class TakeFile
{
    private const PROBLEMS = 100;

    public function __construct(private TakeMail $mail, private TakeRow $row) {}

    /**
     * @param callable(int): void $reached percent
     * @return array{counts: array<string, int>, problems: list<array<string, mixed>>}
     * @throws UnreadableTable when it is neither letter nor table
     */
    public function __invoke(string $name, string $bytes, ?int $userId, callable $reached): array
    {
        $kind = IntakeKind::of($name, $bytes);
        [$rows, $problems] = match ($kind) {
            IntakeKind::JsonLines => (new ReportTable())->jsonLines($bytes, $name),
            IntakeKind::Table => (new ReportTable())->table((new CsvReader())->read($bytes, $name)),
            default => [[], []],
        };
        $mails = match ($kind) {
            IntakeKind::Mbox => Mbox::split($bytes),
            IntakeKind::Mail => [$bytes],
            IntakeKind::Block => [self::letter($bytes)],
            default => [],
        };
        $counts = ['report' => 0, 'follows' => 0, 'apart' => 0, 'again' => 0];
        $all = max(1, count($mails) + count($rows));
        $same = [];
        foreach ([...$mails, ...$rows] as $at => $each) {
            if ($each instanceof ReportRow) {
                $before = $same[$each->content()] ?? 0;
                $same[$each->content()] = $before + 1;
                $taken = ($this->row)($each, $before, $kind->value, $userId);
            } else {
                $taken = ($this->mail)($each, $kind->value, $userId);
            }
            ++$counts[$taken->as];
            $reached((int) ((100 * ($at + 1)) / $all));
        }

        return ['counts' => $counts, 'problems' => self::told($problems)];
    }

    /** A letter that was copied out of a mail program has no head. */
    private static function letter(string $text): string
    {
        return "Subject: \nMIME-Version: 1.0\nContent-Type: text/plain; charset=utf-8\nContent-Transfer-Encoding: 8bit\n\n{$text}";
    }

    /**
     * @param list<Problem> $problems
     * @return list<array<string, mixed>>
     */
    private static function told(array $problems): array
    {
        $told = new Told(Words::english());

        return array_map(
            static fn(Problem $each): array => $told->problem($each),
            array_slice($problems, 0, self::PROBLEMS),
        );
    }
}
