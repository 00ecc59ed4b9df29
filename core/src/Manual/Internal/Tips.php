<?php

declare(strict_types=1);

namespace Chiralex\Manual\Internal;

use Chiralex\Build\Action;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\LastTests;
use Chiralex\Build\Step;
use Chiralex\Build\Verb;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\ScrewEnds;
use Chiralex\Kit\Test;
use Chiralex\Kit\Wire;
use Chiralex\Manual\TestSteps;
use Chiralex\Part\Hold;
use Chiralex\Part\Kind;
use Chiralex\Part\LeadStyle;
use Chiralex\Part\Role;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;
use Chiralex\Safety\Hazards;

/** Technique for the kinds of part in a step; all common practice. */
final readonly class Tips
{
    private const FIRST_POWER = 1.5;
    private const GROMMET = '~grommet|t(?:ü|ue)lle\b|passe-fil|pasacables|doorvoer|przepust~u';
    private const METAL = [Kind::Enclosure, Kind::Panel, Kind::HeatSink];
    /** Work that is done in one way whatever it is done with. */
    private const OF_VERB = [
        'adjust' => 'tip.adjust',
        'snap' => 'tip.snap',
        'bolt' => 'tip.bolt',
        'fix' => 'tip.fix',
        'place' => 'tip.panel',
        'jig' => 'tip.jig',
        'nuts' => 'tip.nuts',
        'tack' => 'tip.tack',
        'plug' => 'tip.plug',
        'cover' => 'tip.enclosure',
        'insert' => 'tip.insert',
    ];

    private function __construct(private Kit $kit, private ?int $firstPower) {}

    public static function of(Kit $kit, BuildOrder $order): self
    {
        foreach ($order->steps as $step) {
            if ($step->action === Action::Gate && self::isPowered($kit, $step)) {
                return new self($kit, $step->number);
            }
        }

        return new self($kit, null);
    }

    /** @return list<Reason> each once, in the order of the parts */
    public function at(Step $step): array
    {
        $codes = $step->verb === Verb::Lend || $step->verb === Verb::Return ? [] : $this->codes($step);
        if ($step->number === 1) {
            array_unshift($codes, $this->kit->nature->boardless ? '' : 'tip.bare-board');
        }

        return [
            ...array_map(
                static fn(string $code): Reason => new Reason($code, [], Origin::CommonPractice),
                array_values(array_unique(array_diff($codes, ['']))),
            ),
            ...$this->lent($step),
            ...$this->clipped($step),
            ...$this->threaded($step),
            ...$this->screwed($step),
            ...$this->grounded($step),
            ...$this->stacked($step),
            ...$this->limit($step),
            ...$this->normal($step),
        ];
    }

    /** @return list<string> */
    private function codes(Step $step): array
    {
        return match ($step->verb) {
            Verb::Solder, Verb::Wire => $this->soldering($step),
            Verb::Fit => array_map($this->fitting(...), $step->names()),
            Verb::Gate, Verb::Try => [
                ...$step->number === $this->firstPower ? ['tip.first-power'] : [],
                ...$step->verb === Verb::Try ? ["tip.{$step->what}"] : [],
            ],
            default => [self::OF_VERB[$step->verb->value] ?? ''],
        };
    }

    private function fitting(string $name): string
    {
        $part = $this->kit->part($name);

        return match (true) {
            $part === null => '',
            $part->kind() === Kind::Battery => 'tip.battery',
            $part->kind() === Kind::Enclosure && $this->kit->nature->boardless => 'tip.chassis',
            $part->place->inCase => 'tip.mount',
            default => $part->row->use->tip,
        };
    }

    /** @return list<Reason> what is there for a test only, and why */
    private function lent(Step $step): array
    {
        foreach ($step->verb === Verb::Lend || $step->verb === Verb::Return ? $this->kit->work->gates : [] as $gate) {
            foreach ($gate->temporary as $fit) {
                if ($fit->name() === $step->what) {
                    return [
                        new Reason(self::lending($step->verb, $fit->why), [
                            'what' => $fit->name(),
                            'gate' => $gate->name,
                            'why' => $fit->why,
                        ]),
                    ];
                }
            }
        }

        return [];
    }

    private static function lending(Verb $verb, string $why): string
    {
        return match (true) {
            $verb === Verb::Return => 'tip.return',
            $why === '' => 'tip.lend-bare',
            default => 'tip.lend',
        };
    }

    /** @return list<Reason> a wire goes through its grommet while both of its ends are free */
    private function threaded(Step $step): array
    {
        foreach ($step->verb === Verb::Wire ? $step->uses : [] as $name) {
            $cells = $this->kit->part($name)?->line->cells;
            $text = $cells === null ? '' : mb_strtolower("{$cells->value} {$cells->description}");
            if (preg_match(self::GROMMET, $text) === 1) {
                return [new Reason('tip.grommet', [], Origin::CommonPractice)];
            }
        }

        return [];
    }

    /** @return list<Reason> where wires are screwed and not soldered */
    private function screwed(Step $step): array
    {
        $wires = array_filter(
            $step->verb === Verb::Wire ? $this->kit->work->wires : [],
            static fn(Wire $wire): bool => in_array($wire->name, $step->names(), true),
        );
        $names = ScrewEnds::of(array_values($wires), $this->kit);

        return $names === [] ? [] : [new Reason('tip.wire-screw', ['names' => $names], Origin::CommonPractice)];
    }

    /** @return list<Reason> what goes through the hole of a part in a case, from the outside inwards; one for each kind */
    private function stacked(Step $step): array
    {
        $stacks = [];
        foreach ($step->verb === Verb::Fit || $step->verb === Verb::Place ? $step->names() : [] as $name) {
            $hole = $this->kit->part($name)?->row->use->hole;
            if ($hole !== null) {
                $stacks[$hole->stack] ??= new Reason($hole->stack, ['part' => $name], Origin::CommonPractice);
            }
        }

        return array_values($stacks);
    }

    /** @return list<Reason> a battery clip is a pair of wires: what their colours mean */
    private function clipped(Step $step): array
    {
        $wired = in_array($step->verb, [Verb::Solder, Verb::Wire], true);
        foreach ($wired ? [...$step->names(), ...$step->uses] : [] as $name) {
            if ($this->kit->part($name)?->shape->outline->name === 'battery-leads') {
                return [new Reason('tip.battery-leads', ['part' => $name], Origin::CommonPractice)];
            }
        }

        return [];
    }

    /** @return list<Reason> metal that carries current: a wire under a screw, or to the case */
    private function grounded(Step $step): array
    {
        $names = [];
        foreach ($step->verb === Verb::Wire ? $this->kit->work->wires : [] as $wire) {
            foreach (in_array($wire->name, $step->names(), true) ? $wire->ends() : [] as $end) {
                $part = $this->kit->part($end->part);
                if ($part !== null && ($part->row->is(Role::Fastener) || in_array($part->kind(), self::METAL, true))) {
                    $names[] = $wire->name;
                }
            }
        }

        return $names === []
            ? []
            : [
                new Reason(
                    'tip.metal-carries',
                    ['names' => array_values(array_unique($names))],
                    Origin::CommonPractice,
                ),
            ];
    }

    /** @return list<Reason> where a supply should stop at the first power: half as much again as the kit takes, in steps of 10 mA */
    private function limit(Step $step): array
    {
        $amps = $this->kit->nature->power?->amps;

        return $step->number !== $this->firstPower || $amps === null || $amps <= 0.0 || Hazards::isLive($this->kit)
            ? []
            : [
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

    /** @return list<Reason> what the finished kit runs from and takes at most */
    private function normal(Step $step): array
    {
        $power = $this->kit->nature->power;

        return $power === null || $step->verb !== Verb::Try
            ? []
            : [
                new Reason(
                    match (true) {
                        $power->amps === null => 'tip.runs-from',
                        $power->idle === null => 'tip.draws',
                        default => 'tip.draws-idle',
                    },
                    [
                        'volts' => $power->mostVolts,
                        'milliamps' => (int) round(($power->amps ?? 0.0) * 1000),
                        'idle' => round(($power->idle ?? 0.0) * 1000, 1),
                    ],
                ),
            ];
    }

    private static function isPowered(Kit $kit, Step $step): bool
    {
        $tests = TestSteps::at($kit, $step);

        return ($step->verb === Verb::Try && LastTests::isPowered($kit)) ||
            ($step->verb === Verb::Gate && $tests === []) ||
            array_filter($tests, static fn(Test $test): bool => $test->power === 'on') !== [];
    }

    /** @return list<string> */
    private function soldering(Step $step): array
    {
        $codes = [];
        foreach ($step->parts as $each) {
            $part = $this->kit->part($each->designator);
            // What a panel or a plug holds is tacked and checked already.
            $codes[] = match (true) {
                $part === null => 'tip.wire',
                $each->hold === Hold::Jig => 'tip.all-pins',
                default => $this->part($part),
            };
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
