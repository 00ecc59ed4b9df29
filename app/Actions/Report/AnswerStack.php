<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Models\Report;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/** Answers the other open reports of a matter with the same words, each by its own name. */
final readonly class AnswerStack
{
    private const HELLO = '~^(Hello|Hallo)(?: [^,\n]{1,60})?,~u';

    public function __construct(private AnswerReport $answer) {}

    /** @return int how many others were answered */
    public function __invoke(int $reportId, ?int $userId, string $operationId, string $text, string $callout = ''): int
    {
        $matter = DB::table('report_matters')->where('report_id', $reportId)->value('matter_id');
        if (!is_int($matter)) {
            return 0;
        }
        $others = Report::query()
            ->with('customer')
            ->whereIn('id', DB::table('report_matters')->where('matter_id', $matter)->select('report_id'))
            ->whereIn('id', DB::table('report_states')->where('answered', false)->select('report_id'))
            ->where('id', '<>', $reportId)
            ->orderBy('id')
            ->get();
        foreach ($others as $other) {
            $name = $other->customer === null ? '' : explode(' ', $other->customer->name)[0];
            ($this->answer)(
                $other->id,
                $userId,
                Uuid::uuid5($operationId, "report {$other->id}")->toString(),
                (string) preg_replace_callback(
                    self::HELLO,
                    static fn(array $found): string => trim("{$found[1]} {$name}") . ',',
                    $text,
                    1,
                ),
                $callout,
            );
        }

        return count($others);
    }
}
