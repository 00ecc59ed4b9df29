<?php

declare(strict_types=1);

namespace Tests\Reference;

use Chiralex\Build\Internal\Costs;
use Chiralex\Build\Internal\Items;

/**
 * The lowest-first order of one board side as an integer program for glpsol, for parts on wire leads, which hang nowhere:
 * parts to steps, inversions, look-alikes, kind and value switches within steps and between them, steps; weighted so that the
 * fields compare one after another.
 */
final readonly class OrderModel
{
    /** More than any field of the score reaches on these boards. */
    private const BASE = 20;

    public function __construct(private Items $items, private int $group, private int $slots) {}

    public function text(): string
    {
        $n = $this->items->count();
        [$pairs, $pairOf, $kindOf] = $this->pairs();
        $kinds = count(array_unique($kindOf));
        $model =
            'set P := 0..' .
            ($n - 1) .
            "; set T := 1..{$this->slots}; set J := 0.." .
            (count($pairs) - 1) .
            '; set K := 0..' .
            ($kinds - 1) .
            ";\n" .
            "var x{P,T} binary; var used{T} binary; var kin{K,T} binary; var pin{J,T} binary; var last{J,T} binary; var first{J,T} binary; var bk{T} >= 0; var bp{T} >= 0;\n" .
            "s.t. one{p in P}: sum{t in T} x[p,t] = 1;\ns.t. size{t in T}: sum{p in P} x[p,t] <= {$this->group} * used[t];\ns.t. full{t in T}: sum{p in P} x[p,t] >= used[t];\ns.t. packed{t in T: t > 1}: used[t-1] >= used[t];\n" .
            "s.t. onelast{t in T}: sum{j in J} last[j,t] = used[t];\ns.t. onefirst{t in T}: sum{j in J} first[j,t] = used[t];\n";
        foreach (range(0, $n - 1) as $p) {
            $model .= "s.t. kin{$p}{t in T}: kin[{$kindOf[$pairOf[$p]]},t] >= x[{$p},t];\ns.t. pin{$p}{t in T}: pin[{$pairOf[$p]},t] >= x[{$p},t];\n";
        }
        foreach (array_keys($pairs) as $j) {
            $mine = implode(' + ', array_map(static fn(int $p): string => "x[{$p},t]", array_keys($pairOf, $j, true)));
            $model .=
                "s.t. has{$j}{t in T}: pin[{$j},t] <= {$mine};\ns.t. lasthas{$j}{t in T}: last[{$j},t] <= pin[{$j},t];\ns.t. firsthas{$j}{t in T}: first[{$j},t] <= pin[{$j},t];\n" .
                "s.t. lastmax{$j}{t in T, i in J: i > {$j}}: last[{$j},t] <= 1 - pin[i,t];\ns.t. firstmin{$j}{t in T, i in J: i < {$j}}: first[{$j},t] <= 1 - pin[i,t];\n" .
                "s.t. bp{$j}{t in T: t < {$this->slots}}: bp[t] >= last[{$j},t] - first[{$j},t+1] - (1 - used[t+1]);\n";
        }
        foreach (range(0, $kinds - 1) as $k) {
            $of = array_keys($kindOf, $k, true);
            $sum = static fn(string $var, string $t): string => implode(
                ' + ',
                array_map(static fn(int $j): string => "{$var}[{$j},{$t}]", $of),
            );
            $model .= "s.t. bk{$k}{t in T: t < {$this->slots}}: bk[t] >= {$sum('last', 't')} - ({$sum(
                'first',
                't+1',
            )}) - (1 - used[t+1]);\n";
        }

        return $model . $this->order($n) . "solve;\nprintf \"score %.0f\\n\", cost;\nend;\n";
    }

    /** @param list<int> $fields inversions, look-alikes, kind switches, value switches, steps */
    public static function weighed(array $fields): int
    {
        return array_reduce($fields, static fn(int $sum, int $field): int => $sum * self::BASE + $field, 0);
    }

    /** What heights, rules and look-alikes ask, and the objective. */
    private function order(int $n): string
    {
        $model = $inversions = $alike = '';
        for ($a = 0; $a < $n; ++$a) {
            foreach (array_keys($this->items->before[$a]) as $b) {
                $model .= "s.t. rule{$b}_{$a}: sum{t in T} t * x[{$b},t] + 1 <= sum{t in T} t * x[{$a},t];\n";
            }
            for ($b = 0; $b < $n; ++$b) {
                $taller = $this->items->heights[$a] - $this->items->heights[$b];
                if ($taller > Costs::SPREAD + 1e-9) {
                    $model .= "s.t. spread{$a}_{$b}{t in T}: x[{$a},t] + x[{$b},t] <= 1;\n";
                }
                if ($taller > Costs::INVERSION + 1e-9 && !isset($this->items->before[$b][$a])) {
                    // One for each step that a is done by and b is not.
                    $model .= "var inv{$a}_{$b} >= 0;\ns.t. invert{$a}_{$b}{s in T}: inv{$a}_{$b} >= sum{t in T: t <= s} x[{$a},t] - sum{t in T: t <= s} x[{$b},t];\n";
                    $inversions .= " + inv{$a}_{$b}";
                }
                if ($b > $a && isset($this->items->looks->alike[$a][$b])) {
                    $model .= "var la{$a}_{$b} >= 0;\ns.t. same{$a}_{$b}{t in T}: la{$a}_{$b} >= x[{$a},t] + x[{$b},t] - 1;\n";
                    $alike .= " + la{$a}_{$b}";
                }
            }
        }
        [$w4, $w3, $w2, $w1] = array_map(static fn(int $power): int => self::BASE ** $power, [4, 3, 2, 1]);
        $kind = 'sum{k in K, t in T} kin[k,t] - sum{t in T} used[t] + sum{t in T} bk[t]';
        $value = 'sum{j in J, t in T} pin[j,t] - sum{k in K, t in T} kin[k,t] + sum{t in T} bp[t] - sum{t in T} bk[t]';

        return "{$model}minimize cost: {$w4} * (0{$inversions}) + {$w3} * (0{$alike}) + {$w2} * ({$kind}) + {$w1} * ({$value}) + sum{t in T} used[t];\n";
    }

    /** @return array{list<string>, list<int>, list<int>} kind and value of each pair in step order, the pair of each part, the kind of each pair */
    private function pairs(): array
    {
        $sorted = $this->items->sorted(range(0, $this->items->count() - 1));
        $pairs = $pairOf = $kindOf = $kinds = [];
        foreach ($sorted as $item) {
            $name = "{$this->items->kinds[$item]} {$this->items->values[$item]}";
            if (!in_array($name, $pairs, true)) {
                $kinds[$this->items->kinds[$item]] ??= count($kinds);
                $pairs[] = $name;
                $kindOf[] = $kinds[$this->items->kinds[$item]];
            }
            $pairOf[$item] = (int) array_search($name, $pairs, true);
        }
        ksort($pairOf);

        return [$pairs, array_values($pairOf), $kindOf];
    }
}
