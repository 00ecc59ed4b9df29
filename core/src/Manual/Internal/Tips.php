<?php

declare(strict_types=1);

namespace Chiralex\Manual\Internal;

use Chiralex\Build\Action;
use Chiralex\Build\Step;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Kind;
use Chiralex\Part\LeadStyle;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** Technique for the kinds of part in a step; all common practice. */
final readonly class Tips
{
    private const FIRST_POWER = 1.5;

    public function __construct(private Kit $kit) {}

    /** @return list<Reason> each once, in the order of the parts */
    public function of(Step $step): array
    {
        $codes = match ($step->action) {
            Action::Gate => ['tip.first-power'],
            Action::Adjust => ['tip.adjust'],
            Action::Snap => ['tip.snap'],
            Action::Bolt => ['tip.bolt'],
            Action::Place, Action::Jig, Action::Nuts, Action::Tack => ['tip.panel'],
            Action::Insert => [
                $this->kit->part($step->names()[0] ?? '')?->kind() === Kind::Battery ? 'tip.battery' : 'tip.insert',
            ],
            Action::Solder => $this->soldering($step),
            Action::Cure, Action::Remove => [],
        };
        if ($step->number === 1) {
            array_unshift($codes, 'tip.bare-board');
        }

        return [
            ...array_map(
                static fn(string $code): Reason => new Reason($code, [], Origin::CommonPractice),
                array_values(array_unique($codes)),
            ),
            ...$this->limit($step),
        ];
    }

    /** @return list<Reason> where a supply should stop at the first power: half as much again as the kit takes, in steps of 10 mA */
    private function limit(Step $step): array
    {
        $amps = $this->kit->nature->power?->amps;
        if (
            $step->action !== Action::Gate ||
            $amps === null ||
            $step->gate?->name !== ($this->kit->work->gates[0]->name ?? null)
        ) {
            return [];
        }

        return [
            new Reason(
                'tip.limit',
                [
                    'milliamps' => (int) (ceil($amps * self::FIRST_POWER * 100 - 1e-9) * 10),
                    'takes' => (int) round($amps * 1000),
                ],
                Origin::CommonPractice,
            ),
        ];
    }

    /** @return list<string> */
    private function soldering(Step $step): array
    {
        $codes = [];
        foreach ($step->names() as $name) {
            $part = $this->kit->part($name);
            $codes[] = $part === null ? 'tip.wire' : $this->part($part);
        }

        return array_values(array_diff($codes, ['']));
    }

    private function part(KitPart $part): string
    {
        return match (true) {
            $part->kind() === Kind::Resistor && $part->shape->outline->leads->style !== LeadStyle::AxialWire
                => 'tip.radial',
            $part->row->use->tip === 'tip.to92' && str_starts_with($part->shape->outline->name, 'TO-220')
                => 'tip.power',
            default => $part->row->use->tip,
        };
    }
}
