<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Kit\Kit;
use Chiralex\Reason\Reason;
use Chiralex\Safety\Cautions;
use Chiralex\Safety\Data\Limits;
use Chiralex\Safety\FoundHazard;
use Chiralex\Safety\Hazards;
use Chiralex\Safety\StoredCharge;
use Chiralex\Safety\StoredCharges;
use ChiralexRender\Words;

/**
 * The document of `safety`: the questions with what the parts answer, what the capacitors hold, the cautions in front of the manual.
 *
 * @phpstan-type Question array{hazard: string, question: string, answer: string, why: string, shown: list<string>, applies: bool}
 * @phpstan-type Charge array{designator: string, volts: float, origin: string, joules: float, microcoulombs: float, hazard: bool, bleeder: ?string, seconds: ?float, neededOhms: ?int}
 */
final readonly class SafetyDocument
{
    public function __construct(private Words $words) {}

    /** @return array{questions: list<Question>, charges: list<Charge>, cautions: list<array{code: string, text: string, template: string, ownWords: bool}>, limits: string} */
    public function of(Kit $kit): array
    {
        return [
            'questions' => array_map($this->question(...), Hazards::of($kit)),
            'charges' => array_map($this->charge(...), StoredCharges::of($kit)),
            'cautions' => array_map(
                fn(Reason $reason): array => [
                    'code' => $reason->code,
                    'text' => $this->builder($kit)->of($reason),
                    'template' => $this->builder($kit)->template($reason->code),
                    'ownWords' => isset($kit->choices->words["sentence.{$reason->code}"]),
                ],
                Cautions::for($kit)->ofKit(),
            ),
            'limits' => $this->words->sentence('safety.limits', [
                'charge' => Limits::CHARGE * 1e6,
                'touch' => Limits::TOUCH_DC,
                'energy' => Limits::ENERGY,
                'volts' => Limits::ENERGY_VOLTS,
                'seconds' => Limits::DISCHARGE_SECONDS,
            ]),
        ];
    }

    /** Cautions are shown as the builder reads them. */
    private function builder(Kit $kit): Words
    {
        return Words::forBuilder($kit);
    }

    /** @return Question */
    private function question(FoundHazard $found): array
    {
        return [
            'hazard' => $found->hazard->value,
            'question' => $this->words->sentence("hazard.{$found->hazard->value}", [
                'ac' => Limits::ELV_AC,
                'dc' => Limits::ELV_DC,
            ]),
            'answer' => match (true) {
                $found->declared => 'yes',
                $found->ruledOut !== null => 'no',
                default => '',
            },
            'why' => $found->ruledOut ?? '',
            'shown' => array_map($this->words->of(...), array_slice($found->shown, 0, 6)),
            'applies' => $found->applies(),
        ];
    }

    /** @return Charge */
    private function charge(StoredCharge $charge): array
    {
        $digits = static fn(float $value): float => (float) sprintf('%.3g', $value);

        return [
            'designator' => $charge->designator,
            'volts' => $charge->volts,
            'origin' => $charge->origin->value,
            'joules' => $digits($charge->joules()),
            'microcoulombs' => $digits($charge->coulombs() * 1e6),
            'hazard' => $charge->isHazard(),
            'bleeder' => $charge->bleeder,
            'seconds' => $charge->seconds() === null ? null : round($charge->seconds(), 2),
            'neededOhms' => $charge->isHazard() && $charge->neededOhms() !== null ? (int) $charge->neededOhms() : null,
        ];
    }
}
