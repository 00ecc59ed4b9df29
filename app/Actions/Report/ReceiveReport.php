<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Actions\Sales\KnowCustomer;
use App\Jobs\SortReports;
use App\Models\Report;
use App\Queries\Report\OurSerials;
use Illuminate\Support\Facades\DB;

/** Takes a customer's report. Only its operation makes two of them one: a double click or a resend finds the first, the same words of somebody else do not. */
final readonly class ReceiveReport
{
    private const SERIAL = 60;
    private const STEP = 400;
    private const SYMPTOM = 120;

    public function __construct(
        private KeepPhoto $keep,
        private KnowCustomer $know,
        private OurSerials $serials,
        private KeepFile $files,
    ) {}

    /**
     * @param array{name: string, email: string} $sender
     * @param ?string $photo bytes as they came
     * @return array{id: int, again: bool, serialKnown: bool}
     * @throws UnusablePhoto
     */
    public function __invoke(Arrived $arrived, array $sender, ?string $photo = null): array
    {
        $kept = $photo === null ? null : ($this->keep)($photo);

        return DB::transaction(function () use ($arrived, $sender, $kept): array {
            $received = $this->write($arrived, $this->customer($sender));
            if (!$received['again'] && $kept !== null) {
                $this->files->photo($received['id'], null, 'photo', $kept);
            }

            return $received;
        });
    }

    /**
     * Inside the caller's transaction.
     *
     * @return array{id: int, again: bool, serialKnown: bool}
     */
    public function write(Arrived $arrived, ?int $customerId): array
    {
        $unit = $arrived->unit ?? $this->serials->unit($arrived->serial);
        $releaseId = $unit === null ? $arrived->releaseId : $unit->release_id;
        $plain = mb_strtolower((string) preg_replace('~\s+~u', ' ', trim($arrived->text)));
        $report = Report::query()->firstOrCreate(
            ['operation_id' => $arrived->operationId],
            static fn(): array => [
                'likeness' => hash('sha256', implode("\n", [$releaseId, $plain])),
                'release_id' => $releaseId,
                'unit_id' => $unit?->id,
                'serial' => $unit === null ? mb_substr($arrived->serial, 0, self::SERIAL) : $unit->serial,
                'step' => mb_substr($arrived->noticed->step, 0, self::STEP),
                'step_number' => $arrived->noticed->stepNumber,
                'text' => $arrived->text,
                'customer_id' => $customerId,
                'source' => $arrived->source,
                'symptom' => mb_substr($arrived->noticed->symptom, 0, self::SYMPTOM),
                'checks' => $arrived->noticed->checks,
            ] + ($arrived->at === null ? [] : ['created_at' => $arrived->at]),
        );
        if ($report->wasRecentlyCreated) {
            SortReports::dispatch();
        }

        return [
            'id' => $report->id,
            'again' => !$report->wasRecentlyCreated,
            'serialKnown' => $unit !== null,
        ];
    }

    /** @param array{name: string, email: string} $sender */
    private function customer(array $sender): ?int
    {
        $name = trim($sender['name']);

        return $name === '' && trim($sender['email']) === ''
            ? null
            : ($this->know)($name === '' ? 'A builder' : $name, $sender['email'])->id;
    }
}
