<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

use Chiralex\Kit\Hazard;
use Chiralex\Manual\Manual;
use Chiralex\Manual\ManualStep;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;
use Chiralex\Safety\Data\Limits;
use Chiralex\Safety\FoundHazard;
use Chiralex\Safety\Hazards;
use ChiralexRender\Markup;
use ChiralexRender\Words;

/** The safety file of a kit on one page: each hazard with its figure, where that comes from, the measure, and where it is printed. */
final readonly class SafetySheet
{
    /** Parts named for one hazard; of more their number is said. */
    private const NAMED = 3;

    public function __construct(private Words $words) {}

    public function of(Manual $manual, string $paper, string $fonts): string
    {
        $sheet = Paper::named($paper);
        $said = fn(string $code): string => Markup::text($this->words->sentence($code));
        $rows = '';
        $ruled = [];
        foreach (Hazards::of($manual->kit) as $found) {
            if ($found->applies()) {
                $rows .= $this->row($found, $manual);
            } elseif ($found->ruledOut !== null) {
                $ruled[] = $this->name($found->hazard) . ($found->ruledOut === '' ? '' : " ({$found->ruledOut})");
            }
        }
        $title = Markup::text(
            "{$manual->kit->head->name}, {$manual->kit->head->revision}: {$this->words->sentence('sheet.safety')}",
        );
        $limits = $this->words->sentence('safety.limits', [
            'charge' => Limits::CHARGE * 1e6,
            'touch' => Limits::TOUCH_DC,
            'energy' => Limits::ENERGY,
            'volts' => Limits::ENERGY_VOLTS,
            'seconds' => Limits::DISCHARGE_SECONDS,
        ]);
        $body =
            "<h1>{$title}</h1><p>{$said('caution.defers')}</p><table><thead><tr><th>{$said('sheet.hazard')}</th>" .
            "<th>{$said('sheet.figure')}</th><th>{$said('sheet.source')}</th><th>{$said('sheet.measure')}</th>" .
            "<th>{$said('sheet.printed')}</th></tr></thead><tbody>{$rows}</tbody></table>" .
            ($ruled === []
                ? ''
                : '<p>' .
                    Markup::text($this->words->sentence('sheet.ruled-out', ['hazards' => implode(', ', $ruled)])) .
                    '</p>') .
            '<p>' .
            Markup::text($limits) .
            '</p>';

        return PrintPage::html(
            $title,
            "{$fonts}\n{$sheet->css()}td { vertical-align: top; } td, th { font-size: 8.5pt; } table { margin-bottom: 2mm; }",
            $body,
            $this->words->language,
        );
    }

    private function row(FoundHazard $found, Manual $manual): string
    {
        $shown = array_map($this->words->of(...), array_slice($found->shown, 0, self::NAMED));
        $more = count($found->shown) - count($shown);
        if ($more > 0) {
            $shown[] = $this->words->sentence('sheet.more', ['count' => $more]);
        }
        $sources = array_unique(array_map(static fn(Reason $reason): string => $reason->origin->value, $found->shown));
        $cells = [
            $this->name($found->hazard),
            $shown === [] ? $this->words->sentence('sheet.said') : implode(' ', $shown),
            implode(', ', $sources === [] ? [Origin::Typed->value] : $sources),
            $this->words->sentence($found->hazard->caution()),
            $this->printed($found->hazard, $manual),
        ];

        return '<tr><td>' . implode('</td><td>', array_map(Markup::text(...), $cells)) . '</td></tr>';
    }

    /** In front, and at the steps where it applies. */
    private function printed(Hazard $hazard, Manual $manual): string
    {
        $code = $hazard->caution();
        $steps = array_map(
            static fn(ManualStep $each): int => $each->step->number,
            array_filter(
                $manual->steps,
                static fn(ManualStep $each): bool => array_filter(
                    [...$each->cautions, ...$each->reminders],
                    static fn(Reason $reason): bool => str_starts_with($reason->code, $code),
                ) !== [],
            ),
        );

        return $this->words->sentence('sheet.in-front') .
            ($steps === [] ? '' : ', ' . $this->words->sentence('sheet.at-steps', ['steps' => implode(', ', $steps)]));
    }

    private function name(Hazard $hazard): string
    {
        return ucfirst(str_replace('-', ' ', $hazard->value));
    }
}
