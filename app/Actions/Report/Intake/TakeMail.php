<?php

declare(strict_types=1);

namespace App\Actions\Report\Intake;

use App\Actions\Report\Arrived;
use App\Actions\Report\KeepFile;
use App\Actions\Report\Noticed;
use App\Actions\Report\ReceiveReport;
use App\Models\Letter;
use App\Support\FileStore;
use Chiralex\Fault\Letter\LetterKind;
use Chiralex\Fault\Letter\Passages;
use Chiralex\Fault\Letter\ReportBlock;
use ChiralexAdapters\Mail\MailReader;
use ChiralexAdapters\Mail\ReadMail;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/**
 * Takes a mail in, once for its bytes: a report of its own, one more letter of the report whose thread it goes on, or apart, where no
 * person wrote it or nothing of it could be read. Nothing is dropped: the bytes are kept whatever becomes of it.
 */
final readonly class TakeMail
{
    /** By which operations of mails are made of their bytes. */
    private const SPACE = '5f2c6a0e-3a1e-5d0b-9d5e-6d7b0f0c9a11';
    private const SHOWN = 4000;
    private const FILES = 20;

    public function __construct(
        private ReceiveReport $receive,
        private LetterSender $sender,
        private LetterKit $kits,
        private Threads $threads,
        private KeepFile $files,
        private FileStore $store,
    ) {}

    public function __invoke(string $bytes, string $source, ?int $userId): Taken
    {
        $plain = str_replace("\r\n", "\n", $bytes);
        $operation = Uuid::uuid5(self::SPACE, hash('sha256', rtrim($plain, "\n")))->toString();
        $known = Letter::query()->where('operation_id', $operation)->first();
        if ($known !== null) {
            return new Taken('again', $this->threads->reportOf($known->id));
        }
        $mail = (new MailReader())->read($plain);
        $sha256 = $this->store->put($bytes);

        return DB::transaction(function () use ($mail, $plain, $operation, $source, $userId, $sha256, $bytes): Taken {
            $letter =
                $mail === null
                    ? $this->unreadable($plain, $operation, $source, $userId)
                    : $this->letter($mail, $operation, $source, $userId);
            if (!$letter->wasRecentlyCreated) {
                return new Taken('again', $this->threads->reportOf($letter->id));
            }
            DB::table('letter_raws')->insert([
                'letter_id' => $letter->id,
                'sha256' => $sha256,
                'bytes' => strlen($bytes),
            ]);
            if ($mail === null || $letter->kind !== LetterKind::Letter) {
                return $this->apart($letter, $mail);
            }
            $thread = $this->threads->report($mail->references);
            $report = $thread ?? $this->report($letter, $mail, $source);
            $this->threads->join($letter->id, $report, $thread !== null, $userId);
            $this->keep($report, $letter->id, $mail);

            return new Taken($thread === null ? 'report' : 'follows', $report);
        });
    }

    private function letter(ReadMail $mail, string $operation, string $source, ?int $userId): Letter
    {
        $kind = LetterKind::of($mail->head, $mail->from['email']);
        $passages = Passages::of($mail->text);
        $same = $mail->messageId === '' ? null : Letter::query()->where('message_id', $mail->messageId)->min('id');
        // Of an answer in a thread the kit is known.
        $isFirst = $this->threads->report($mail->references) === null;
        $flags = array_map(static fn(string $code): array => ['code' => $code], $mail->flags);
        if (is_int($same)) {
            $flags[] = ['code' => 'same-id', 'letter' => (string) $same];
        }
        $said = trim($passages->said());

        return Letter::query()->createOrFirst(
            ['operation_id' => $operation],
            [
                'source' => $source,
                'kind' => $kind,
                'message_id' => mb_substr($mail->messageId, 0, 250),
                'subject' => mb_substr($mail->subject(), 0, 250),
                'text' => $said,
                'folded' => $passages->folded(),
                'flags' => [
                    ...$flags,
                    ...$isFirst && $kind === LetterKind::Letter ? $this->kits->flags($mail, $said) : [],
                ],
                'customer_id' => $this->sender->of($mail, $kind),
                'mail_id' => $kind === LetterKind::Bounce ? $this->threads->bounced($mail->mentioned()) : null,
                'user_id' => $userId,
                'written_at' => self::written($mail->date),
            ],
        );
    }

    private function unreadable(string $bytes, string $operation, string $source, ?int $userId): Letter
    {
        return Letter::query()->createOrFirst(
            ['operation_id' => $operation],
            [
                'source' => $source,
                'kind' => LetterKind::Unreadable,
                'text' => mb_substr(
                    (string) preg_replace('~[^\P{C}\n\t]~u', '', mb_scrub(substr($bytes, 0, self::SHOWN))),
                    0,
                    self::SHOWN,
                ),
                'folded' => '',
                'flags' => [['code' => 'no-mail']],
                'user_id' => $userId,
                'written_at' => now(),
            ],
        );
    }

    /** A mail of ours that came back is not sent; its report waits again. */
    private function apart(Letter $letter, ?ReadMail $mail): Taken
    {
        $report = null;
        if ($letter->mail_id !== null) {
            $report = $this->threads->comeBack($letter->mail_id, $letter->text);
        } elseif ($mail !== null) {
            $report = $this->threads->report($mail->references);
        }

        return new Taken('apart', $report);
    }

    private function report(Letter $letter, ReadMail $mail, string $source): int
    {
        $block = ReportBlock::in($mail->text);
        $kit = $this->kits->of($mail, $letter->text);
        $number = preg_match('~^\d{1,4}~', $block?->field('step') ?? '', $found) === 1 ? (int) $found[0] : null;
        $text = $letter->text !== '' ? $letter->text : $mail->subject();

        return $this->receive->write(
            new Arrived(
                Uuid::uuid5(self::SPACE, "report of {$letter->operation_id}")->toString(),
                $source,
                $text !== '' ? $text : '(no words)',
                $kit['release'],
                $kit['unit'],
                $kit['serial'],
                new Noticed($block?->field('step-key') ?? '', $number, $block?->field('symptom') ?? '', [
                    ...self::readings($block?->field('readings') ?? ''),
                    ...self::answers($block?->field('answers') ?? ''),
                ]),
                $letter->written_at,
            ),
            $letter->customer_id,
        )['id'];
    }

    private function keep(int $report, int $letter, ReadMail $mail): void
    {
        foreach (array_slice($mail->files, 0, self::FILES) as $file) {
            $this->files->file($report, $letter, $file->name, $file->bytes);
        }
    }

    /** @return list<array{check: string, answer: string}> */
    private static function readings(string $text): array
    {
        $all = [];
        foreach (array_diff(array_map(trim(...), explode(';', $text)), ['']) as $each) {
            $all[] = ['check' => 'reading', 'answer' => mb_substr($each, 0, 200)];
        }

        return $all;
    }

    /** @return list<array{check: string, answer: string}> */
    private static function answers(string $text): array
    {
        $all = [];
        foreach (array_diff(array_map(trim(...), explode(';', $text)), ['']) as $each) {
            $at = strrpos($each, '=');
            if ($at !== false) {
                $all[] = [
                    'check' => mb_substr(substr($each, 0, $at), 0, 120),
                    'answer' => mb_substr(substr($each, $at + 1), 0, 80),
                ];
            }
        }

        return $all;
    }

    /** What is dated in the future was written by a wrong clock. */
    private static function written(?string $date): Carbon
    {
        $at = $date === null ? null : Carbon::parse($date);

        return $at === null || $at->isFuture() ? Carbon::now() : $at;
    }
}
