<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Models\Unit;
use App\Support\FileStore;
use App\Support\Row;
use Chiralex\Trade\Exception\InvalidSerial;
use Chiralex\Trade\Serial;
use Illuminate\Support\Facades\DB;

/** Takes a customer's report. Only its operation makes two of them one: a double click or a resend finds the first, the same words of somebody else do not. */
final readonly class ReceiveReport
{
    public function __construct(private FileStore $store, private Photo $photo) {}

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
        $kept = $photo === null ? null : $this->store->put($this->photo->cleaned($photo));

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
            $known = DB::table('reports')->where('operation_id', $operationId)->value('id');
            if (is_int($known)) {
                return ['id' => $known, 'again' => true, 'serialKnown' => $unit !== null];
            }
            $inserted = DB::table('reports')->insertOrIgnore([
                'operation_id' => $operationId,
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
                'created_at' => now(),
            ]);

            return [
                'id' => Row::first(DB::table('reports')->where('operation_id', $operationId))?->int('id') ?? 0,
                'again' => $inserted === 0,
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
        if (trim($sender['name']) === '' && trim($sender['email']) === '') {
            return null;
        }
        $known =
            trim($sender['email']) === ''
                ? null
                : DB::table('customers')
                    ->whereRaw('lower(email) = ?', [mb_strtolower(trim($sender['email']))])
                    ->value('id');

        return is_int($known)
            ? $known
            : DB::table('customers')->insertGetId([
                'name' => mb_substr(trim($sender['name']) === '' ? 'A builder' : trim($sender['name']), 0, 120),
                'email' => trim($sender['email']) === '' ? null : mb_substr(trim($sender['email']), 0, 190),
                'created_at' => now(),
                'updated_at' => now(),
            ]);
    }
}
