<?php

declare(strict_types=1);

namespace ChiralexCli;

use Brick\Math\BigDecimal;
use Chiralex\Supply\Data\SamplingTable;
use Chiralex\Supply\InspectionLevel;
use Chiralex\Supply\Sampling;
use Chiralex\Supply\SamplingPlan;
use ChiralexRender\Document\SampleDocument;

/** The verb `sample`: how many pieces of a lot to measure; it needs no kit. */
final readonly class SampleVerb
{
    private const USAGE = 'chiralex sample --lot N --aql A [--level I|II|III], or --lot N --worst SHARE [--risk 0.1]';
    private const LOT = '~^[1-9]\d{0,8}$~D';
    private const SHARE = '~^(?:0?\.\d{1,12}|[01](?:\.0{1,12})?)$~D';

    /**
     * @param list<string> $arguments
     * @throws UsageError
     */
    public function run(array $arguments): Outcome
    {
        $read = Arguments::parse($arguments, ['lot', 'aql', 'level', 'worst', 'risk'], self::USAGE);
        if ($read->words !== []) {
            throw UsageError::badValue('sample', $read->words[0], self::USAGE);
        }
        $lot = $read->flag('lot') ?? throw UsageError::missing('--lot', self::USAGE);
        if (preg_match(self::LOT, $lot) !== 1) {
            throw UsageError::badValue('--lot', $lot, 'a whole number of pieces, 1 or more');
        }
        $aql = $read->flag('aql');
        $worst = $read->flag('worst');
        if (($aql === null) === ($worst === null)) {
            throw UsageError::missing('either --aql or --worst', self::USAGE);
        }

        return new Outcome(
            $aql !== null
                ? $this->series((int) $lot, $aql, $read)
                : SampleDocument::of(null, $this->single((int) $lot, (string) $worst, $read)),
            false,
        );
    }

    /**
     * @return array<string, mixed>
     * @throws UsageError
     */
    private function series(int $lot, string $aql, Arguments $read): array
    {
        if ($read->flag('risk') !== null) {
            throw UsageError::badValue('--risk', (string) $read->flag('risk'), '--worst with it, or leave it out');
        }
        $given = $read->flag('level') ?? InspectionLevel::Two->value;
        $level = InspectionLevel::tryFrom($given) ?? throw UsageError::badValue('--level', $given, 'I, II or III');
        $found = Sampling::series($lot, $this->aql($aql), $level);

        return SampleDocument::of($found['letter'], [$found['plan']]);
    }

    /**
     * @return int<0, 15>
     * @throws UsageError naming the neighbours in the series
     */
    private function aql(string $text): int
    {
        if (preg_match('~^\d{1,4}(?:\.\d{1,6})?$~D', $text) !== 1) {
            throw UsageError::badValue('--aql', $text, 'percent of bad pieces, ' . implode(' ', SamplingTable::AQLS));
        }
        $asked = BigDecimal::of($text);
        $below = $above = null;
        foreach (SamplingTable::AQLS as $index => $aql) {
            $order = BigDecimal::of($aql)->compareTo($asked);
            if ($order === 0) {
                return $index;
            }
            $below = $order < 0 ? $aql : $below;
            $above ??= $order > 0 ? $aql : null;
        }
        throw UsageError::badValue(
            '--aql',
            $text,
            implode(' or ', array_filter([$below, $above], static fn(?string $near): bool => $near !== null)) .
                ', its neighbours in the series',
        );
    }

    /**
     * @return list<SamplingPlan>
     * @throws UsageError
     */
    private function single(int $lot, string $worst, Arguments $read): array
    {
        if ($read->flag('level') !== null) {
            throw UsageError::badValue('--level', (string) $read->flag('level'), '--aql with it, or leave it out');
        }
        $risk = $read->flag('risk') ?? '0.1';
        foreach (['--worst' => $worst, '--risk' => $risk] as $flag => $share) {
            if (
                preg_match(self::SHARE, $share) !== 1 ||
                (float) $share <= 0.0 ||
                ($flag === '--risk' && (float) $share >= 1.0)
            ) {
                throw UsageError::badValue($flag, $share, 'a share above 0 and below 1, such as 0.08');
            }
        }

        return Sampling::single($lot, BigDecimal::of($worst), (float) $risk);
    }
}
