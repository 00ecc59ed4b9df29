<?php

declare(strict_types=1);

namespace Tests\Feature;

use ChiralexAdapters\Workbook;

final class TableTest extends FeatureCase
{
    public function test_a_table_of_the_interface_comes_back_as_a_workbook(): void
    {
        $answer = $this->actingAs($this->person())
            ->postJson('/api/tables', [
                'name' => 'kits on hand',
                'rows' => [['kit', 'on hand'], ['Frost Bell', '68'], ['=1+1', null]],
            ])
            ->assertOk();
        self::assertSame(
            "kit,on hand\nFrost Bell,68\n=1+1,\n",
            array_values((new Workbook())->sheets('table.xlsx', (string) $answer->getContent()))[0],
        );
    }

    public function test_an_empty_or_endless_table_is_refused(): void
    {
        $this->actingAs($this->person())
            ->postJson('/api/tables', ['name' => 'x', 'rows' => []])
            ->assertStatus(422);
        $this->postJson('/api/tables', ['name' => 'x', 'rows' => array_fill(0, 20_001, ['a'])])
            ->assertStatus(422)
            ->assertJsonPath('message', fn(string $text): bool => str_contains($text, '20,000 rows'));
    }
}
