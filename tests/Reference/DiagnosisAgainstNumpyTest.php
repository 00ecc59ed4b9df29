<?php

declare(strict_types=1);

namespace Tests\Reference;

use ChiralexAdapters\Program;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What `diagnose --model` prints is enough for a stranger to compute the same: the shares of the sets by Bayes' rule from the odds up, the
 * gain of each check as entropy before less entropy after, set by set, and the best of them a minute.
 */
final class DiagnosisAgainstNumpyTest extends TestCase
{
    private const PYTHON = <<<'PY'
        import json, sys
        import numpy as np
        from scipy.stats import entropy
        told = json.load(sys.stdin)
        doc, works, answers = told['document'], told['works'], told['answers']
        model = doc['model']
        causes = {c['name']: c for c in model['causes']}
        def chance(names, of):
            return min(0.98, max(0.02, 1 - np.prod([1 - of(causes[n]) for n in names])))
        weights = []
        for s in model['sets']:
            w = s['odds'] * (chance(s['causes'], lambda c: c['symptom']) if s['causes'] else 1)
            for other in works:
                w *= 1 - chance(s['causes'], lambda c: c['works'][other])
            for check, found in answers.items():
                p = chance(s['causes'], lambda c: c['bad'][check])
                w *= {'bad': p, 'good': 1 - p, 'cannot': 1}[found]
            weights.append(w)
        share = np.array(weights) / sum(weights)
        before = entropy(share, base=2)
        best = None
        for check in model['checks']:
            if check['name'] in answers or any(a not in answers for a in check['after']):
                continue
            p = np.array([chance(s['causes'], lambda c: c['bad'][check['name']]) for s in model['sets']])
            bad = float(share @ p)
            after = bad * entropy(share * p / bad, base=2) + (1 - bad) * entropy(share * (1 - p) / (1 - bad), base=2)
            row = [(before - after) / check['minutes'], check['name'], before - after]
            best = row if best is None or row[0] > best[0] + 1e-9 else best
        print(json.dumps({'shares': share.tolist(), 'best': best}))
        PY;

    /** @return iterable<string, array{string, string, list<string>, array<string, string>}> kit, symptom, what works, answers */
    public static function cases(): iterable
    {
        yield 'a lamp, nothing known' => ['frost-bell', 'a lamp stays dark', [], []];
        yield 'the bell is silent, the lamps are lit' => [
            'frost-bell',
            'it does not ring in the cold',
            ['a lamp stays dark'],
            ['supply at the terminals' => 'good', 'U1 as drawn' => 'cannot'],
        ];
        yield 'a step was odd' => ['halt-signal', 'one lamp stays dark', [], ['all directions' => 'bad']];
        yield 'it gets hot' => ['halt-signal', 'gets-hot', ['one lamp stays dark'], []];
    }

    /**
     * @param list<string> $works
     * @param array<string, string> $answers
     */
    #[DataProvider('cases')]
    public function test_a_stranger_computes_the_same(string $kit, string $symptom, array $works, array $answers): void
    {
        $words = ['diagnose', dirname(__DIR__, 2) . "/database/demo/{$kit}", '--symptom', $symptom, '--model'];
        foreach ($works as $other) {
            array_push($words, '--works', $other);
        }
        foreach ($answers as $check => $found) {
            array_push($words, '--answer', "{$check}={$found}");
        }
        $document = json_decode(
            Program::run(['php', dirname(__DIR__, 2) . '/bin/chiralex', ...$words, '--json'], '', 60),
            true,
        );
        self::assertIsArray($document);
        $solved = json_decode(
            Program::run(
                ['python3', '-c', self::PYTHON],
                (string) json_encode(['document' => $document, 'works' => $works, 'answers' => (object) $answers]),
                120,
            ),
            true,
        );
        self::assertIsArray($solved);
        self::assertEqualsWithDelta(array_column($document['model']['sets'], 'probability'), $solved['shares'], 2e-6);
        if ($document['next'] !== null) {
            // Checks of equal worth are settled by their name, which numbers do not see.
            self::assertEqualsWithDelta(
                $solved['best'][0],
                $document['next']['gain'] / $document['next']['minutes'],
                1e-5,
            );
        }
    }
}
