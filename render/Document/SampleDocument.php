<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Supply\SamplingPlan;

/** The document of `sample`. */
final readonly class SampleDocument
{
    /**
     * @param ?string $letter before arrows; null for a lot that stands alone
     * @param list<SamplingPlan> $plans
     * @return array{plans: list<array{sample: int, accept: int, reject: int}>, letter: ?string}
     */
    public static function of(?string $letter, array $plans): array
    {
        return [
            'plans' => array_map(
                static fn(SamplingPlan $plan): array => [
                    'sample' => $plan->sample,
                    'accept' => $plan->accept,
                    'reject' => $plan->reject(),
                ],
                $plans,
            ),
            'letter' => $letter,
        ];
    }
}
