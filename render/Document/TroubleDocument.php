<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Build\BuildOrder;
use Chiralex\Build\KitCallouts;
use Chiralex\Fault\Data\Shown;
use Chiralex\Fault\Diagnosis\Check;
use Chiralex\Fault\Diagnosis\ModelMaker;
use Chiralex\Fault\Diagnosis\Suspect;
use Chiralex\Fault\Diagnosis\TreeMaker;
use Chiralex\Fault\Diagnosis\TreeNode;
use Chiralex\Fault\Diagnosis\TroubleTree;
use Chiralex\Fault\Symptom;
use Chiralex\Kit\Kit;
use Chiralex\Kit\OwnSymptom;
use Chiralex\Safety\Hazards;
use ChiralexRender\Text\CheckText;
use ChiralexRender\Words;

/**
 * What may be noticed of a kit that does not work, and the looks that find why: worked out ahead, so that a page without a server can go
 * through it. Where there are mains or stored charge nothing is asked of a builder.
 *
 * @phpstan-type SymptomShape array{id: string, name: string, own: bool}
 * @phpstan-type NodeShape array{check?: int, good?: int, bad?: int, cannot?: int, odd?: object, causes?: list<int>, sure?: bool}
 */
final readonly class TroubleDocument
{
    public function __construct(private Words $words) {}

    /** @return array{symptoms: list<SymptomShape>, stop: bool, starts: object, nodes: list<NodeShape>, checks: list<array<string, mixed>>, causes: list<array<string, mixed>>} */
    public function of(Kit $kit, ?BuildOrder $order): array
    {
        $symptoms = $this->symptoms($kit);
        $isLive = Hazards::isLive($kit);
        if ($order === null || $isLive) {
            return [
                'symptoms' => $symptoms,
                'stop' => $isLive,
                'starts' => (object) [],
                'nodes' => [],
                'checks' => [],
                'causes' => [],
            ];
        }
        $tree = (new TreeMaker((new ModelMaker())->of($kit, $order)))->of(array_column($symptoms, 'id'));
        $checks = $causes = $chains = [];
        foreach ((new KitCallouts())->callouts($kit, $order) as $callout) {
            $chains[$callout->designator] = $callout->reversal->replace;
        }
        foreach ($tree->nodes as $node) {
            if ($node->check !== null) {
                $checks[$node->check->name] = $node->check;
            }
            foreach ($node->causes as $cause) {
                $causes[$cause->name] = $cause;
            }
        }

        return ['symptoms' => $symptoms, 'stop' => false] +
            $this->told(
                $tree,
                array_values($checks),
                array_values($causes),
                new CheckText($this->words, $kit, $chains),
            );
    }

    /** @return list<SymptomShape> the kit's own first, then the general ones that say something else */
    public function symptoms(Kit $kit): array
    {
        $own = array_map(
            static fn(OwnSymptom $each): array => ['id' => $each->name, 'name' => $each->name, 'own' => true],
            $kit->work->symptoms,
        );
        $general = array_map(
            fn(Symptom $each): array => [
                'id' => $each->value,
                'name' => $this->words->sentence("symptom.{$each->value}"),
                'own' => false,
            ],
            Shown::symptoms(),
        );
        $said = array_map(mb_strtolower(...), array_column($own, 'name'));

        return [
            ...$own,
            ...array_values(
                array_filter(
                    $general,
                    static fn(array $each): bool => !in_array(mb_strtolower($each['name']), $said, true),
                ),
            ),
        ];
    }

    /**
     * @param list<Check> $checks
     * @param list<Suspect> $causes
     * @return array{starts: object, nodes: list<NodeShape>, checks: list<array<string, mixed>>, causes: list<array<string, mixed>>}
     */
    private function told(TroubleTree $tree, array $checks, array $causes, CheckText $texts): array
    {
        $checkAt = array_flip(array_map(static fn(Check $check): string => $check->name, $checks));
        $causeAt = array_flip(array_map(static fn(Suspect $cause): string => $cause->name, $causes));

        return [
            'starts' => (object) $tree->starts,
            'nodes' => array_map(
                static fn(TreeNode $node): array => $node->check === null
                    ? [
                        'causes' => array_map(static fn(Suspect $cause): int => $causeAt[$cause->name], $node->causes),
                        'sure' => $node->isSure,
                    ]
                    : array_filter(
                        [
                            'check' => $checkAt[$node->check->name],
                            'good' => $node->good,
                            'bad' => $node->bad,
                            'cannot' => $node->cannot,
                            'odd' => $node->odd === [] ? null : (object) $node->odd,
                        ],
                        static fn(mixed $value): bool => $value !== null,
                    ),
                $tree->nodes,
            ),
            'checks' => array_map(
                static fn(Check $check): array => [
                    'name' => $check->name,
                    'kind' => $check->kind->value,
                    'ask' => $texts->ask($check),
                    'parts' => $check->designators,
                    'step' => $check->step,
                    'instrument' => $check->instrument,
                    'pass' => $texts->pass($check),
                ],
                $checks,
            ),
            'causes' => array_map(
                static fn(Suspect $cause): array => [
                    'name' => $cause->name,
                    'cause' => $cause->class->value,
                    'parts' => $cause->designators,
                    'do' => $texts->remedy($cause),
                ],
                $causes,
            ),
        ];
    }
}
