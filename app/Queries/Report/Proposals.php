<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Models\FaqAnswer;
use App\Models\Release;
use App\Models\Report;
use App\Models\ReportState;
use App\Models\Revision;
use App\Models\Shop;
use App\Queries\Kit\KitFolder;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\KitCallouts;
use Chiralex\Build\Planner;
use Chiralex\Fault\Cause;
use Chiralex\Fault\Diagnosis\Answer;
use Chiralex\Fault\Diagnosis\CheckKind;
use Chiralex\Fault\Diagnosis\Diagnosis;
use Chiralex\Fault\Diagnosis\Diagnostician;
use Chiralex\Fault\Diagnosis\FaultModel;
use Chiralex\Fault\Diagnosis\Found;
use Chiralex\Fault\Diagnosis\Look;
use Chiralex\Fault\Diagnosis\ModelMaker;
use Chiralex\Fault\Diagnosis\Suspect;
use Chiralex\Fault\Likeness\NoticedWords;
use Chiralex\Fault\Symptom;
use Chiralex\Kit\Kit;
use Chiralex\Quantity\MeasuredValue;
use Chiralex\Safety\Hazards;
use ChiralexRender\Text\AnswerText;
use ChiralexRender\Text\CheckText;
use ChiralexRender\Words;
use Illuminate\Support\Facades\DB;

/**
 * What the kit's own model makes of a report: likely causes, the next round, and a letter to read and send. A guess of what was noticed is
 * told as a guess.
 */
final readonly class Proposals
{
    private const CAUSES = 5;
    private const LEAST = 0.01;

    public function __construct(
        private KitFolder $folder,
        private FaultBook $book,
        private PartWords $parts,
        private ClaimBook $claims,
    ) {}

    /** @return array<string, mixed> */
    public function of(int $reportId): array
    {
        $report = Report::query()->with('customer')->findOrFail($reportId);
        $state = ReportState::query()->findOrFail($reportId);
        $release = Release::query()->find($report->release_id);
        $name =
            $report->customer === null || $report->customer->erased_at !== null
                ? ''
                : self::first($report->customer->name);
        $shop = Shop::ours()->name;
        if ($release === null || $state->kit_id === null) {
            return self::nothing((new AnswerText(Words::english(), $name, $shop))->whichKit());
        }
        $kit = $this->folder->kit($release->revision);
        $words = Words::forBuilder($kit);
        $letter = new AnswerText($words, $name, $shop);
        $known = $this->parts->of($state->kit_id);
        $read = NoticedWords::of($report->text, $known);
        $turned = $this->turned($report, $known);
        $said = $state->symptom ?? ($report->symptom === '' ? null : $report->symptom);
        $symptom = $said ?? ($read->symptom->value ?? null);
        if (Hazards::isLive($kit)) {
            return ['symptom' => $symptom, 'guessed' => $said === null, 'stop' => true] +
                self::nothing($letter->mains());
        }
        if ($symptom === Symptom::Missing->value) {
            return ['symptom' => $symptom, 'guessed' => $said === null] +
                $this->claim($report, $kit, $read->parts, $letter);
        }
        $order = (new Planner())->plan($kit);
        if (!($order instanceof BuildOrder) || $symptom === null) {
            return ['symptom' => $symptom, 'guessed' => true] + self::nothing('');
        }

        return ['symptom' => $symptom, 'guessed' => $said === null] +
            $this->diagnosed($report, $turned, $release->revision, $kit, $order, $symptom, $letter, $words);
    }

    /**
     * What the letters say of parts that lie the wrong way round, the later ones too.
     *
     * @param array<array-key, string> $known
     * @return list<string>
     */
    private function turned(Report $report, array $known): array
    {
        $texts = [
            $report->text,
            ...DB::table('report_letters')
                ->join('letters', 'letters.id', '=', 'letter_id')
                ->where('report_id', $report->id)
                ->orderBy('letters.id')
                ->pluck('letters.text')
                ->all(),
        ];
        $turned = [];
        foreach (array_filter($texts, is_string(...)) as $text) {
            array_push($turned, ...NoticedWords::of($text, $known)->turned);
        }

        return array_values(array_unique($turned));
    }

    /**
     * @param list<string> $turned
     * @return array<string, mixed>
     */
    private function diagnosed(
        Report $report,
        array $turned,
        Revision $revision,
        Kit $kit,
        BuildOrder $order,
        string $symptom,
        AnswerText $letter,
        Words $words,
    ): array {
        $record = $this->book->of($revision->kit_id);
        $model = (new ModelMaker($record->shipped, $record->lessons()))->of($kit, $order);
        $asked = new Diagnostician($model);
        $answers = self::answers($report, $model, $turned);
        $now = $asked->diagnose($symptom, [], $answers);
        $chains = [];
        foreach ((new KitCallouts())->callouts($kit, $order) as $callout) {
            $chains[$callout->designator] = $callout->reversal->replace;
        }
        $texts = new CheckText($words, $kit, $chains);
        $round = $now->isSure() ? [] : $asked->round($symptom, [], $answers);
        $sure = $now->isSure() ? $now->sets[0]['causes'] : [];

        return [
            'sure' => $now->isSure(),
            'turned' => $turned,
            'causes' => self::causes($now),
            'round' => array_map(
                static fn(array $each): array => [
                    'ask' => $texts->ask($each['look']->check),
                    'parts' => $each['look']->check->designators,
                    'good' => $each['good'] === null ? null : $texts->ask($each['good']->check),
                    'bad' => $each['bad'] === null ? null : $texts->ask($each['bad']->check),
                ],
                $round,
            ),
            'text' => $now->isSure()
                ? $letter->remedy($sure, $texts, $this->faq($revision->kit_id, $symptom, $sure))
                : ($round === []
                    ? ''
                    : $letter->round($round, $texts)),
            'picture' => self::picture($sure, $round, array_map(strval(...), array_keys($chains))),
            'contradiction' => $now->contradiction,
            'claim' => null,
            'stop' => false,
        ];
    }

    /**
     * @param list<string> $named
     * @return array<string, mixed>
     */
    private function claim(Report $report, Kit $kit, array $named, AnswerText $letter): array
    {
        $claim = $this->claims->of($report, $kit, $named);
        $nothing = self::nothing('');
        if ($claim === null) {
            return $nothing;
        }

        return [
            'text' => $letter->claim($claim['advice'], $claim['part']),
            'claim' => [
                'part' => $claim['part'],
                'chance' => round($claim['advice']->chance, 3),
                'send' => $claim['advice']->send,
                'flags' => $claim['advice']->flags,
            ],
        ] + $nothing;
    }

    /** @param list<Suspect> $causes */
    private function faq(int $kitId, string $symptom, array $causes): ?string
    {
        $cause = $causes[0] ?? null;

        return $cause === null || count($causes) > 1
            ? null
            : FaqAnswer::query()
                ->where('kit_id', $kitId)
                ->where('symptom', $symptom)
                ->where('cause', $cause->class)
                ->whereIn('part', [implode(' and ', $cause->designators), ''])
                ->where('published', true)
                ->orderByDesc('part')
                ->first()?->answer;
    }

    /**
     * @param list<string> $turned
     * @return list<Answer> what the builder answered on the page, as far as the kit still asks it, and what is read in the letters
     */
    private static function answers(Report $report, FaultModel $model, array $turned): array
    {
        $answers = [];
        foreach ($turned as $part) {
            if ($model->check("{$part} as drawn") !== null) {
                $answers[] = Answer::of("{$part} as drawn", Found::Bad);
            }
        }
        foreach ($report->checks as $each) {
            $check = $model->check($each['check']);
            if ($check === null) {
                continue;
            }
            $plain = explode(' ', $each['answer'])[0];
            $shown =
                preg_match('~\((.+)\)~', $each['answer'], $found) === 1
                    ? MeasuredValue::read($found[1])?->value()
                    : null;
            if ($shown !== null && $check->pass !== null) {
                $answers[] = Answer::read($check->name, (float) $shown);
            } elseif ($plain === 'odd') {
                $answers[] = Answer::of($check->name, Found::Bad);
                $one = $model->check(substr($each['answer'], 4) . ' as drawn');
                if ($one !== null) {
                    $answers[] = Answer::of($one->name, Found::Bad);
                }
            } else {
                $answers[] = Answer::of($check->name, Found::tryFrom($plain) ?? Found::Cannot);
            }
        }

        return $answers;
    }

    /** @return list<array{name: string, cause: string, parts: list<string>, probability: float}> */
    private static function causes(Diagnosis $now): array
    {
        $all = [];
        foreach (array_slice($now->causes, 0, self::CAUSES) as $each) {
            if ($each['probability'] >= self::LEAST) {
                $all[] = [
                    'name' => $each['suspect']->name,
                    'cause' => $each['suspect']->class->value,
                    'parts' => $each['suspect']->designators,
                    'probability' => round($each['probability'], 4),
                ];
            }
        }
        if ($now->none >= self::LEAST) {
            $all[] = [
                'name' => FaultModel::NO_FAULT,
                'cause' => Cause::None->value,
                'parts' => [],
                'probability' => round($now->none, 4),
            ];
        }
        usort($all, static fn(array $a, array $b): int => $b['probability'] <=> $a['probability']);

        return $all;
    }

    /**
     * The part whose callout goes with the letter: what lies the wrong way round, or the only part whose direction is asked.
     *
     * @param list<Suspect> $sure
     * @param list<array{look: Look, good: ?Look, bad: ?Look}> $round
     * @param list<string> $called parts that have a callout
     */
    private static function picture(array $sure, array $round, array $called): ?string
    {
        foreach ($sure as $cause) {
            if ($cause->class === Cause::Reversed && in_array($cause->designators[0] ?? '', $called, true)) {
                return $cause->designators[0];
            }
        }
        foreach ($round as $each) {
            $parts = $each['look']->check->designators;
            if ($each['look']->check->kind === CheckKind::Direction && in_array($parts[0] ?? '', $called, true)) {
                return $parts[0];
            }
        }

        return null;
    }

    /** @return array<string, mixed> */
    private static function nothing(string $text): array
    {
        return [
            'symptom' => null,
            'guessed' => false,
            'sure' => false,
            'turned' => [],
            'causes' => [],
            'round' => [],
            'text' => $text,
            'picture' => null,
            'contradiction' => [],
            'claim' => null,
            'stop' => false,
        ];
    }

    private static function first(string $name): string
    {
        return $name === 'A builder' ? '' : explode(' ', trim($name))[0];
    }
}
