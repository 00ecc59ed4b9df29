<?php

declare(strict_types=1);

namespace ChiralexCli;

use Chiralex\Build\BuildOrder;
use Chiralex\Build\Planner;
use Chiralex\ChiralexException;
use Chiralex\Fault\Data\Shown;
use Chiralex\Fault\Diagnosis\Answer;
use Chiralex\Fault\Diagnosis\Diagnostician;
use Chiralex\Fault\Diagnosis\FaultModel;
use Chiralex\Fault\Diagnosis\Found;
use Chiralex\Fault\Diagnosis\ModelMaker;
use Chiralex\Fault\Diagnosis\Suspect;
use Chiralex\Fault\Symptom;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Kit\OwnSymptom;
use Chiralex\Quantity\MeasuredValue;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\UnusableFile;
use ChiralexRender\Document\DiagnosisDocument;
use ChiralexRender\Words;

/** What is wrong with a kit, from what is noticed, and what to look at next. */
final readonly class DiagnoseVerb
{
    private const USAGE = 'chiralex diagnose FOLDER --symptom S [--works S2 ...] [--step N] [--answer CHECK=good|bad|cannot|NUMBER ...] [--did CAUSE ...] [--without INSTRUMENT] [--by mail] [--model]';
    private const FLAGS = ['option', 'symptom', 'works', 'step', 'answer', 'did', 'without', 'by'];

    /**
     * @param list<string> $arguments
     * @throws UsageError
     * @throws UnusableFile
     * @throws ChiralexException
     */
    public function run(array $arguments): Outcome
    {
        $read = Arguments::parse($arguments, self::FLAGS, self::USAGE, ['model']);
        $files = (new KitFiles())->fromPath($read->only('diagnose'));
        $kit = (new KitReader())->read($files, $read->options());
        [$shipped, $lost] = FaultVerbs::shipped($files);
        [$reports, $unread] = FaultVerbs::reports($files);
        $symptom = self::symptom($kit, $read->flag('symptom') ?? throw UsageError::missing('--symptom', self::USAGE));
        $works = array_map(static fn(string $text): string => self::symptom($kit, $text), $read->all('works'));
        $planned = (new Planner())->plan($kit);
        $order = $planned instanceof BuildOrder ? $planned : $planned->without;
        $whole = (new ModelMaker($shipped, $reports))->of($kit, $order, self::step($read, $order));
        $model = $whole->without(self::causes($whole, $read->all('did')));
        $answers = self::answers($whole, $model, $read);
        $asked = new Diagnostician($model);
        $now = $asked->diagnose($symptom, $works, $answers, $read->all('without'));
        $document = new DiagnosisDocument(Words::english());

        return new Outcome(
            $document->of($symptom, $now, $now->isSure() ? 'sure' : null, [...$lost, ...$unread]) +
                (self::byMail($read)
                    ? ['round' => $document->round($asked->round($symptom, $works, $answers, $read->all('without')))]
                    : []) +
                ($read->flag('model') === null ? [] : ['model' => $document->model($model, $now, $symptom, $works)]),
            $lost !== [] || $unread !== [] || KitVerbs::hasErrors($kit),
        );
    }

    /**
     * The kit's own words, or one of the general symptoms by its code or its words.
     *
     * @throws UsageError when there is no such symptom
     */
    private static function symptom(Kit $kit, string $text): string
    {
        foreach ($kit->work->symptoms as $own) {
            if (mb_strtolower($own->name) === mb_strtolower(trim($text))) {
                return $own->name;
            }
        }
        $general = Symptom::tryFrom(str_replace(' ', '-', mb_strtolower(trim($text))));
        if ($general !== null && in_array($general, Shown::symptoms(), true)) {
            return $general->value;
        }
        throw UsageError::badValue(
            '--symptom',
            $text,
            'one of: ' .
                implode(', ', [
                    ...array_map(static fn(OwnSymptom $own): string => $own->name, $kit->work->symptoms),
                    ...array_map(static fn(Symptom $each): string => $each->value, Shown::symptoms()),
                ]),
        );
    }

    /** @throws UsageError when there is no such step */
    private static function step(Arguments $read, ?BuildOrder $order): ?int
    {
        $text = $read->flag('step');
        if ($text === null) {
            return null;
        }
        $last = count($order->steps ?? []);
        if (preg_match('~^[1-9]\d{0,3}$~D', $text) !== 1 || (int) $text > $last) {
            throw UsageError::badValue('--step', $text, "the number of the last step that is done, 1 to {$last}");
        }

        return (int) $text;
    }

    /**
     * @param list<string> $names
     * @return list<string>
     * @throws UsageError when there is no such cause
     */
    private static function causes(FaultModel $model, array $names): array
    {
        foreach ($names as $name) {
            if ($model->suspect($name) === null) {
                throw UsageError::badValue('--did', $name, 'the name of a cause, as diagnose prints it');
            }
        }

        return $names;
    }

    /**
     * What was answered; after a repair no longer what it touches.
     *
     * @return list<Answer>
     * @throws UsageError when there is no such check, or the answer is none
     */
    private static function answers(FaultModel $whole, FaultModel $model, Arguments $read): array
    {
        $gone = array_filter($whole->suspects, static fn(Suspect $each): bool => $model->suspect($each->name) === null);
        $answers = [];
        foreach ($read->all('answer') as $pair) {
            $at = strrpos($pair, '=');
            $name = $at === false ? $pair : substr($pair, 0, $at);
            $said = $at === false ? '' : trim(substr($pair, $at + 1));
            $check =
                $whole->check($name) ??
                throw UsageError::badValue(
                    '--answer',
                    $name,
                    'CHECK=good|bad|cannot|NUMBER, of a check that diagnose --model prints',
                );
            $found = Found::tryFrom($said);
            $number = MeasuredValue::read($said)?->value();
            if (($found === null || $found === Found::Reading) && ($number === null || $check->pass === null)) {
                throw UsageError::badValue(
                    '--answer',
                    $pair,
                    'CHECK=good|bad|cannot, or the number a meter showed at a test',
                );
            }
            if (array_filter($gone, static fn($suspect): bool => $suspect->touches($check)) === []) {
                $answers[] =
                    $found === null || $number !== null
                        ? Answer::read($name, (float) $number)
                        : Answer::of($name, $found);
            }
        }

        return $answers;
    }

    /** @throws UsageError when it is no way to ask */
    private static function byMail(Arguments $read): bool
    {
        return match ($read->flag('by')) {
            null => false,
            'mail' => true,
            default => throw UsageError::badValue('--by', (string) $read->flag('by'), 'mail'),
        };
    }
}
