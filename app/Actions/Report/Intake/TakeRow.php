<?php

declare(strict_types=1);

namespace App\Actions\Report\Intake;

use App\Actions\Report\Arrived;
use App\Actions\Report\JudgeReport;
use App\Actions\Report\Noticed;
use App\Actions\Report\ReceiveReport;
use App\Models\ReportState;
use App\Queries\Report\OurSerials;
use Chiralex\Fault\JudgedCause;
use Chiralex\Fault\Letter\ReportRow;
use Chiralex\Fault\Symptom;
use Illuminate\Support\Carbon;
use Ramsey\Uuid\Uuid;

/** Takes a report of a table in, once for what its row says; where the table names symptom and cause it is judged. */
final readonly class TakeRow
{
    private const SPACE = '8e0d3d0a-51f8-5a76-9a0f-0a6a1b1c7d22';

    public function __construct(
        private ReceiveReport $receive,
        private JudgeReport $judge,
        private OurSerials $serials,
        private LetterKit $kits,
    ) {}

    /** @param int $same how many rows of this file before it say the same */
    public function __invoke(ReportRow $row, int $same, string $source, ?int $userId): Taken
    {
        $operation = Uuid::uuid5(self::SPACE, "{$same} {$row->content()}")->toString();
        $unit = $this->serials->unit($row->field('serial'));
        $step = $row->field('step');
        $number = preg_match('~^\d{1,4}$~', $step) === 1 ? (int) $step : null;
        $received = ($this->receive)(
            new Arrived(
                $operation,
                $source,
                $row->field('text'),
                $unit === null ? $this->kits->release($row->field('kit'), $row->field('revision')) : $unit->release_id,
                $unit,
                $row->field('serial'),
                new Noticed($number === null ? $step : '', $number, $row->field('symptom')),
                $row->date === null ? null : Carbon::parse($row->date)->setTime(12, 0),
            ),
            [
                'name' => $row->field('name'),
                'email' =>
                    filter_var($row->field('email'), FILTER_VALIDATE_EMAIL) === false ? '' : $row->field('email'),
            ],
        );
        $cause = JudgedCause::read($row->field('cause'));
        $kit = ReportState::query()->find($received['id'])?->kit_id;
        if (!$received['again'] && $cause !== null && $kit !== null) {
            ($this->judge)(
                $received['id'],
                $userId,
                Uuid::uuid5(self::SPACE, "judged {$operation}")->toString(),
                $kit,
                $row->field('symptom') === '' ? Symptom::Other->value : $row->field('symptom'),
                [$cause],
            );
        }

        return new Taken($received['again'] ? 'again' : 'report', $received['id']);
    }
}
