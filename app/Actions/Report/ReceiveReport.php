<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Actions\Sales\KnowCustomer;
use App\Models\Report;
use App\Models\Unit;
use Chiralex\Trade\Exception\InvalidSerial;
use Chiralex\Trade\Serial;
use Illuminate\Support\Facades\DB;

/** Takes a customer's report. Only its operation makes two of them one: a double click or a resend finds the first, the same words of somebody else do not. */
final readonly class ReceiveReport
{
    public function __construct(private KeepPhoto $keep, private KnowCustomer $know) {}

    /**
     * @param ?string $photo bytes as they came
     * @param array{name: string, email: string} $sender
     * @param array{key: string, number: ?int} $step
     * @return array{id: int, again: bool, serialKnown: bool}
     * @throws UnusablePhoto
     */
    public function __invoke(
        string $operationId,
        ?int $releaseId,
        ?Unit $unit,
        string $serial,
        array $step,
        string $text,
        array $sender,
        ?string $photo,
        string $source,
    ): array {
        $unit ??= $this->unit($serial);
        $releaseId = $unit === null ? $releaseId : $unit->release_id;
        $plain = mb_strtolower((string) preg_replace('~\s+~u', ' ', trim($text)));
        $likeness = hash('sha256', implode("\n", [$releaseId, $plain]));
        $kept = $photo === null ? null : ($this->keep)($photo);

        return DB::transaction(function () use (
            $operationId,
            $releaseId,
            $unit,
            $serial,
            $step,
            $text,
            $sender,
            $kept,
            $source,
            $likeness,
        ): array {
            $report = Report::query()->firstOrCreate(
                ['operation_id' => $operationId],
                fn(): array => [
                    'likeness' => $likeness,
                    'release_id' => $releaseId,
                    'unit_id' => $unit?->id,
                    'serial' => $unit === null ? mb_substr($serial, 0, 60) : $unit->serial,
                    'step' => mb_substr($step['key'], 0, 400),
                    'step_number' => $step['number'],
                    'text' => $text,
                    'photo' => $kept,
                    'customer_id' => $this->customer($sender),
                    'source' => $source,
                ],
            );

            return [
                'id' => $report->id,
                'again' => !$report->wasRecentlyCreated,
                'serialKnown' => $unit !== null,
            ];
        });
    }

    private function unit(string $serial): ?Unit
    {
        try {
            return trim($serial) === ''
                ? null
                : Unit::query()
                    ->where('serial', Serial::parse($serial)->text())
                    ->first();
        } catch (InvalidSerial) {
            return null;
        }
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
