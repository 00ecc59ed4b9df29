<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Revision;
use App\Models\User;
use App\Policies\Role;
use Illuminate\Support\Str;

/** Tests of the bench as they are written, tried, changed and taken back. */
final class BenchTest extends FeatureCase
{
    private const RAIL = [
        'name' => 'rail',
        'gate' => 'supply',
        'points' => ['R1', 'R2'],
        'expect' => 'divider(5 V, R1, R2)',
        'otherwise' => 'check R1',
    ];

    public function test_a_test_is_added_with_its_range_worked_out_and_taken_back(): void
    {
        [$maker, $revision] = $this->bench();
        $this->change($maker, $revision, 0, '', '', self::RAIL)->assertOk();
        $row = $this->tests($revision)[0];

        self::assertSame(
            ['rail', 2, '2.33 to 2.68', 'R1 is 10'],
            [
                $row['name'],
                $row['step'],
                explode("\u{2009}", $row['printed'])[0],
                explode("\u{2009}", $row['reading']['why'][0])[0],
            ],
        );

        $this->actingAs($maker)
            ->postJson(
                "/api/revisions/{$revision->id}/undo",
                ['operationId' => (string) Str::uuid()],
                ['If-Match' => '"1"'],
            )
            ->assertOk();
        self::assertSame(['supply'], array_column($this->tests($revision), 'name'));
    }

    public function test_changing_a_part_changes_the_range_that_the_manual_prints(): void
    {
        [$maker, $revision] = $this->bench();
        $this->change($maker, $revision, 0, '', '', self::RAIL)->assertOk();
        $this->edit($maker, $revision, 1, [
            ['type' => 'cell', 'target' => '3', 'field' => 'value', 'value' => '22k'],
        ])->assertOk();
        $steps = $this->getJson("/api/revisions/{$revision->id}/documents/manual")->json('steps');
        $test = array_merge(...array_column($steps, 'tests'))[0];

        self::assertSame($this->tests($revision)[0]['printed'], $test['expect']);
        self::assertEqualsWithDelta(3.4, ($test['range']['low'] + $test['range']['high']) / 2, 0.1);
    }

    public function test_a_test_is_renamed_keeps_what_the_form_does_not_show_and_comes_back_in_its_place(): void
    {
        [$maker, $revision] = $this->bench([
            'tests' => [
                self::RAIL + ['option' => 'box=plain'],
                [
                    'name' => 'second',
                    'gate' => 'supply',
                    'points' => ['R1'],
                    'expect' => '> 1 V',
                    'otherwise' => 'look',
                ],
            ],
            'options' => ['box' => ['default' => 'plain', 'plain' => [], 'drilled' => []]],
        ]);
        $this->change(
            $maker,
            $revision,
            0,
            'rail',
            '',
            ['name' => 'five volts', 'accuracy' => '', 'settings' => '', 'otherwise' => ''] + self::RAIL,
        )->assertOk();
        self::assertSame('', $this->tests($revision)[0]['otherwise']);
        $this->change($maker, $revision, 1, 'five volts', '', null)->assertOk();
        self::assertSame(['second'], array_column($this->tests($revision), 'name'));
        foreach ([2, 3] as $seen) {
            $this->actingAs($maker)
                ->postJson(
                    "/api/revisions/{$revision->id}/undo",
                    ['operationId' => (string) Str::uuid()],
                    ['If-Match' => "\"{$seen}\""],
                )
                ->assertOk();
        }
        self::assertSame(['rail', 'second'], array_column($this->tests($revision), 'name'));
        self::assertSame(
            ['second'],
            array_column(
                $this->getJson("/api/revisions/{$revision->id}/documents/bench?options=box%3Ddrilled")->json('tests'),
                'name',
            ),
        );
    }

    public function test_a_name_that_is_taken_or_gone_is_refused_with_what_to_do(): void
    {
        [$maker, $revision] = $this->bench(['tests' => [self::RAIL]]);
        $this->change($maker, $revision, 0, '', '', self::RAIL)
            ->assertStatus(422)
            ->assertJsonPath('message', 'There is already a test "rail"; give this one another name.');
        $this->change($maker, $revision, 0, '', '', ['name' => ' '] + self::RAIL)->assertStatus(422);
        $this->change($maker, $revision, 0, 'gone', '', self::RAIL)
            ->assertStatus(422)
            ->assertJsonPath('message', 'There is no test "gone" here; there is rail.');
    }

    public function test_a_gate_without_a_test_says_what_it_expects_itself(): void
    {
        [$maker, $revision] = $this->bench();
        $this->change($maker, $revision, 0, 'supply', 'gate', 'divider(5 V, R1, R2)')->assertOk();

        self::assertStringStartsWith('2.33 to 2.68', $this->tests($revision)[0]['printed']);
    }

    public function test_a_formula_is_tried_without_being_saved(): void
    {
        [$maker, $revision] = $this->bench();
        $try = fn(string $expect): array => (array) $this->actingAs($maker)
            ->postJson("/api/revisions/{$revision->id}/bench/try", ['expect' => $expect])
            ->assertOk()
            ->json();

        self::assertSame(
            ['', true],
            [
                $try('divider(5 V, R1, R2)')['fault'],
                abs($try('divider(5 V, R1, R2)')['reading']['nominal'] - 2.5) < 1e-9,
            ],
        );
        self::assertStringContainsString('there is no R7', $try('divider(5 V, R1, R7)')['fault']);
        self::assertSame(['supply'], array_column($this->tests($revision), 'name'));
        $this->actingAs($this->person(Role::Packer))
            ->postJson("/api/revisions/{$revision->id}/bench/try", ['expect' => '1 V'])
            ->assertForbidden();
    }

    /**
     * @param array<string, mixed> $more
     * @return array{User, Revision}
     */
    private function bench(array $more = []): array
    {
        $files = [
            'bom.csv' => "Ref,Value,Package\nR1,10k 5%,Axial 1/4W\nR2,10k 5%,Axial 1/4W\nU1,555,DIP-8\n",
            'kit.json' => json_encode(
                [
                    'gates' => [
                        ['name' => 'supply', 'needs' => ['R1', 'R2'], 'protects' => ['U1'], 'expect' => '> 4.5 V'],
                    ],
                ] + $more,
                JSON_THROW_ON_ERROR,
            ),
        ];

        return [$this->person(), $this->kit($files)];
    }

    private function change(
        User $maker,
        Revision $revision,
        int $seen,
        string $target,
        string $field,
        mixed $value,
    ): \Illuminate\Testing\TestResponse {
        return $this->edit($maker, $revision, $seen, [
            ['type' => 'test', 'target' => $target, 'field' => $field, 'value' => $value],
        ]);
    }

    /** @return list<array<string, mixed>> */
    private function tests(Revision $revision): array
    {
        /** @var list<array<string, mixed>> */
        return $this->getJson("/api/revisions/{$revision->id}/documents/bench")
            ->assertOk()
            ->json('tests');
    }
}
