<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Revision;
use App\Models\User;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** Facts of the kit as a whole: what is offered, a circle of rules and its way out, a revision called otherwise. */
final class FactTest extends FeatureCase
{
    public function test_a_circle_is_shown_with_its_way_out_and_the_order_meanwhile(): void
    {
        [$maker, $revision] = [$this->person(), $this->kit()];
        $this->fact($maker, $revision, 0, 'groups.before', [['R1', 'R2'], ['R2', 'R1']])->assertOk();

        $order = $this->actingAs($maker)
            ->getJson("/api/revisions/{$revision->id}/documents/order")
            ->assertOk();
        self::assertSame(['R1', 'R2', 'R1'], $order->json('cycle'));
        self::assertSame([true, false], [$order->json('rules.1.leftOut'), $order->json('rules.0.leftOut')]);
        self::assertGreaterThan(1, count((array) $order->json('order.steps')));
        $header = $this->getJson("/api/revisions/{$revision->id}");
        self::assertContains('order.cycle', array_column((array) $header->json('matters'), 'code'));

        $this->edit($maker, $revision, 1, [(array) $order->json('rules.0.takeBack')])->assertOk();
        $after = $this->getJson("/api/revisions/{$revision->id}/documents/order")->assertOk();
        self::assertNull($after->json('cycle'));
        self::assertSame([['R2', 'R1']], $this->facts($maker, $revision)['groups.before']);
    }

    public function test_what_can_be_worked_out_is_offered_until_it_is_said(): void
    {
        [$maker, $revision] = [$this->person(), $this->kit()];
        $offers = (array) $this->actingAs($maker)
            ->getJson("/api/revisions/{$revision->id}/facts")
            ->json('offers');
        self::assertIsString($offers['code']['value'] ?? null);

        $this->fact($maker, $revision, 0, 'code', 'ZZ')->assertOk();
        $after = (array) $this->getJson("/api/revisions/{$revision->id}/facts")->json('offers');
        self::assertArrayNotHasKey('code', $after);
    }

    /** @return iterable<string, array{string, int, string}> name, status, name afterwards */
    public static function names(): iterable
    {
        yield 'a letter' => ['C', 200, 'C'];
        yield 'letters and digits, trimmed' => [' B2 ', 200, 'B2'];
        yield 'one that another has' => ['B', 422, 'A'];
        yield 'one with a blank' => ['B 2', 422, 'A'];
        yield 'one too long' => ['ABCDEFGHI', 422, 'A'];
    }

    #[DataProvider('names')]
    public function test_a_revision_is_called_otherwise_while_nobody_else_is(
        string $name,
        int $status,
        string $is,
    ): void {
        [$maker, $revision] = [$this->person(), $this->kit()];
        $this->actingAs($maker)
            ->postJson("/api/revisions/{$revision->id}/revisions", ['operationId' => (string) Str::uuid()])
            ->assertStatus(201);
        $this->fact($maker, $revision, 0, 'revision', $name)->assertStatus($status);

        self::assertSame($is, $revision->refresh()->name);
        if ($status === 200) {
            $this->postJson(
                "/api/revisions/{$revision->id}/undo",
                ['operationId' => (string) Str::uuid()],
                ['If-Match' => '"1"'],
            )->assertOk();
            self::assertSame('A', $revision->refresh()->name);
        }
    }

    public function test_one_board_becomes_two(): void
    {
        [$maker, $revision] = [$this->person(), $this->kit()];
        $boards = (array) $this->facts($maker, $revision)['boards'];
        $lamps = ['name' => 'lamps', 'joined' => ['to' => 'main', 'at' => [80, 0]]];
        $this->fact($maker, $revision, 0, 'boards', [...$boards, $lamps])->assertOk();

        $drawn = $this->getJson("/api/revisions/{$revision->id}/boards")->assertOk();
        self::assertSame(['main', 'lamps'], array_column((array) $drawn->json('boards'), 'name'));
        self::assertSame('main', $drawn->json('boards.1.joinedTo'));
    }

    /** @return array<string, mixed> */
    private function facts(User $maker, Revision $revision): array
    {
        return (array) $this->actingAs($maker)
            ->getJson("/api/revisions/{$revision->id}/facts")
            ->json('facts');
    }

    private function fact(User $maker, Revision $revision, int $seen, string $fact, mixed $value): TestResponse
    {
        return $this->edit($maker, $revision, $seen, [
            ['type' => 'fact', 'target' => $fact, 'field' => '', 'value' => $value],
        ]);
    }
}
