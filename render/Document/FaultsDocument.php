<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Fault\Cause;
use Chiralex\Fault\FaqEntry;
use Chiralex\Fault\FaultOrigin;
use Chiralex\Fault\FaultStudy;
use Chiralex\Fault\Fever;
use Chiralex\Fault\Shares;
use Chiralex\Fault\Symptom;
use ChiralexRender\Told;
use ChiralexRender\Words;

/** What is known of a kit's faults: its rate, what the reports are about, its FAQ. */
final readonly class FaultsDocument
{
    public function __construct(private Words $words) {}

    /**
     * @param list<Fever> $fever
     * @param list<array{entry: FaqEntry, step: ?int, published: bool, option: string, fromRevisionId: ?int, toRevisionId: ?int}> $faq
     * @return array<string, mixed>
     */
    public function of(FaultStudy $study, Shares $shares, array $fever, array $faq): array
    {
        $told = (new FaultStudyDocument($this->words))->of($study, []);
        unset($told['problems']);

        return [
            'study' => $told,
            'reason' => (new Told($this->words))->reason($study->reason()),
            'fever' => array_map(
                fn(Fever $each): array => [
                    'part' => $each->part,
                    'kits' => $each->kits,
                    'perHundred' => round($each->perHundred(), 2),
                    'low' => round(100 * $each->interval->low, 2),
                    'high' => round(100 * $each->interval->high, 2),
                    'causes' => $this->counted($each->causes, 'cause'),
                ],
                $fever,
            ),
            'judged' => $shares->judged,
            'open' => $shares->open,
            'symptoms' => $this->counted($shares->symptoms, 'symptom'),
            'causes' => $this->counted($shares->causes, 'cause'),
            'faultOrigins' => $this->counted($shares->origins, 'origin'),
            'faq' => array_map(
                static fn(array $each): array => [
                    'id' => $each['entry']->id,
                    'symptom' => $each['entry']->symptom,
                    'cause' => $each['entry']->cause->value,
                    'part' => $each['entry']->part,
                    'question' => $each['entry']->question,
                    'answer' => $each['entry']->answer,
                    'anchor' => $each['entry']->anchor,
                    'count' => $each['entry']->use->reported,
                    'shown' => $each['entry']->use->shown,
                    'helped' => $each['entry']->use->helped,
                    'kept' => $each['entry']->use->kept,
                    'share' => round($each['entry']->use->share(), 4),
                    'step' => $each['step'],
                    'published' => $each['published'],
                    'option' => $each['option'],
                    'fromRevisionId' => $each['fromRevisionId'],
                    'toRevisionId' => $each['toRevisionId'],
                ],
                $faq,
            ),
        ];
    }

    /** @return array{symptoms: list<array{id: string, name: string}>, causes: list<array{id: string, name: string, faultOrigin: string}>, faultOrigins: list<array{id: string, name: string}>} what a report can be judged as */
    public function vocabulary(): array
    {
        return [
            'symptoms' => array_map(
                fn(Symptom $symptom): array => [
                    'id' => $symptom->value,
                    'name' => $this->words->sentence("symptom.{$symptom->value}", []),
                ],
                Symptom::cases(),
            ),
            'causes' => array_map(
                fn(Cause $cause): array => [
                    'id' => $cause->value,
                    'name' => $this->words->sentence("cause.{$cause->value}", []),
                    'faultOrigin' => $cause->usualOrigin()->value,
                ],
                Cause::judged(),
            ),
            'faultOrigins' => array_map(
                fn(FaultOrigin $origin): array => [
                    'id' => $origin->value,
                    'name' => $this->words->sentence("origin.{$origin->value}", []),
                ],
                FaultOrigin::cases(),
            ),
        ];
    }

    /**
     * @param array<string, int> $counts
     * @return list<array{id: string, name: string, count: int}>
     */
    private function counted(array $counts, string $of): array
    {
        return array_map(
            fn(string $id, int $count): array => [
                'id' => $id,
                // The kit's own symptoms are its own words.
                'name' => $this->words->knows("{$of}.{$id}") ? $this->words->sentence("{$of}.{$id}") : $id,
                'count' => $count,
            ],
            array_map(strval(...), array_keys($counts)),
            array_values($counts),
        );
    }
}
