<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Fault\Diagnosis\Check;
use Chiralex\Fault\Diagnosis\Diagnosis;
use Chiralex\Fault\Diagnosis\FaultModel;
use Chiralex\Fault\Diagnosis\Look;
use Chiralex\Fault\Diagnosis\Suspect;
use Chiralex\Reason\Problem;
use ChiralexRender\Told;
use ChiralexRender\Words;

/** The document of `diagnose`: chances and gains to 0.000001. */
final readonly class DiagnosisDocument
{
    /** Causes less likely than this are not told. */
    private const LEAST = 0.01;

    public function __construct(private Words $words) {}

    /**
     * @param list<Problem> $problems
     * @return array<string, mixed>
     */
    public function of(string $symptom, Diagnosis $now, ?string $stop, array $problems): array
    {
        $next = $stop === null ? $now->next() : null;
        $causes = array_map(
            static fn(array $each): array => self::cause($each['suspect'], $each['probability']),
            $now->causes,
        );
        $causes[] = [
            'name' => FaultModel::NO_FAULT,
            'class' => 'none',
            'designators' => [],
            'probability' => round($now->none, 6),
        ];
        usort($causes, static fn(array $a, array $b): int => $b['probability'] <=> $a['probability']);

        return [
            'symptom' => $symptom,
            'causes' => array_values(
                array_filter($causes, static fn(array $cause): bool => $cause['probability'] >= self::LEAST),
            ),
            'next' => $next === null ? null : $this->look($next, $now),
            'stop' => $stop,
        ] +
            ($now->contradiction === [] ? [] : ['contradiction' => $now->contradiction]) + [
                'problems' => array_map(
                    fn(Problem $each): array => (new Told($this->words))->problem($each),
                    $problems,
                ),
            ];
    }

    /**
     * All that a stranger needs to recompute it.
     *
     * @param list<string> $symptoms noticed, and what works
     * @return array<string, mixed>
     */
    public function model(FaultModel $model, Diagnosis $now, string $symptom, array $symptoms): array
    {
        return [
            'sets' => array_map(
                static fn(array $set): array => [
                    'causes' => array_map(static fn(Suspect $suspect): string => $suspect->name, $set['causes']),
                    'odds' => $set['odds'],
                    'probability' => round($set['probability'], 6),
                ],
                $now->sets,
            ),
            'causes' => array_map(
                static fn(Suspect $suspect): array => [
                    'name' => $suspect->name,
                    'class' => $suspect->class->value,
                    'designators' => $suspect->designators,
                    'odds' => $suspect->odds,
                    'symptom' => round($suspect->notices[$symptom] ?? 1.0, 6),
                    'works' => (object) array_map(
                        static fn(float $chance): float => round($chance, 6),
                        array_intersect_key($suspect->notices, array_flip($symptoms)),
                    ),
                    'bad' => (object) array_combine(
                        array_map(static fn(Check $check): string => $check->name, $model->checks),
                        array_map(static fn(Check $check): float => round($suspect->badAt($check), 6), $model->checks),
                    ),
                    'reads' => (object) $suspect->reads,
                ],
                $model->suspects,
            ),
            'checks' => array_map(
                static fn(Check $check): array => [
                    'name' => $check->name,
                    'minutes' => round($check->minutes, 3),
                    'instrument' => $check->instrument,
                    'after' => $check->after,
                    'pass' =>
                        $check->pass === null
                            ? null
                            : array_map(static fn(float $end): ?float => is_finite($end) ? $end : null, $check->pass),
                ],
                $model->checks,
            ),
        ];
    }

    /**
     * @param list<array{look: Look, good: ?Look, bad: ?Look}> $round
     * @return list<array{check: string, then: array{good: ?string, bad: ?string}}>
     */
    public function round(array $round): array
    {
        return array_map(
            static fn(array $each): array => [
                'check' => $each['look']->check->name,
                'then' => ['good' => $each['good']?->check->name, 'bad' => $each['bad']?->check->name],
            ],
            $round,
        );
    }

    /** @return array{name: string, class: string, designators: list<string>, probability: float} */
    private static function cause(Suspect $suspect, float $probability): array
    {
        return [
            'name' => $suspect->name,
            'class' => $suspect->class->value,
            'designators' => $suspect->designators,
            'probability' => round($probability, 6),
        ];
    }

    /** @return array{check: string, minutes: float, gain: float, why: string} */
    private function look(Look $look, Diagnosis $now): array
    {
        $suspects = array_values(
            array_filter(
                array_slice($now->causes, 0, 12),
                static fn(array $each): bool => $each['suspect']->touches($look->check),
            ),
        );

        return [
            'check' => $look->check->name,
            'minutes' => round($look->check->minutes, 3),
            'gain' => round($look->gain, 6),
            'why' => $this->words->sentence('diagnose.why', [
                'gain' => (string) round($look->gain, 2),
                'minutes' => (string) round($look->check->minutes, 1),
                'causes' => implode(
                    ', ',
                    array_map(static fn(array $each): string => $each['suspect']->name, array_slice($suspects, 0, 3)),
                ),
            ]),
        ];
    }
}
