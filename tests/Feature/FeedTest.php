<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Sales\TakeFeed;
use App\Actions\Sales\TellCarrier;
use App\Devices\Feed\FeedFolder;
use App\Policies\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** The folder that stands in for a shop outside and for a carrier. */
final class FeedTest extends TradeCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir() . '/chiralex-feed-' . Str::random(8);
        $this->app->bind(FeedFolder::class, fn(): FeedFolder => new FeedFolder($this->folder));
        mkdir("{$this->folder}/in", 0o770, true);
    }

    protected function tearDown(): void
    {
        foreach (glob("{$this->folder}/*/{,.}*", GLOB_BRACE) ?: [] as $path) {
            @unlink($path);
        }
        array_map(rmdir(...), glob("{$this->folder}/*") ?: []);
        rmdir($this->folder);
        parent::tearDown();
    }

    public function test_tables_are_booked_once_and_what_was_done_lies_beside_them(): void
    {
        $this->released();
        $table =
            "number,date,customer,kit,quantity\nF-1,2026-11-20,Ines Caldeira,Test kit,1\nF-2,2026-11-20,Luc Armand,Test kit,many\n";
        $this->lay('a.csv', $table);
        self::assertSame(1, $this->app->make(TakeFeed::class)());
        self::assertSame(['F-1'], DB::table('orders')->pluck('number')->all());
        self::assertSame([], $this->in('in'));
        [$kept, $says] = $this->in('read');
        self::assertStringEndsWith(' a.csv', $kept);
        self::assertStringContainsString(
            "1 booked, 0 known, 0 told otherwise and left as they are.\na.csv, row 3, quantity: \"many\"",
            (string) file_get_contents("{$this->folder}/read/{$says}"),
        );
        $this->lay('a.csv', $table);
        self::assertSame(1, $this->app->make(TakeFeed::class)());
        self::assertSame(1, DB::table('orders')->count());
    }

    public function test_what_is_no_table_of_orders_is_refused_and_kept_with_the_reason(): void
    {
        $this->lay('empty.csv', '');
        $this->lay('picture.png', "\x89PNG\r\n\x1a\n\0\0");
        $this->lay('other.csv', "a,b\n1,2\n");
        self::assertSame(0, $this->app->make(TakeFeed::class)());
        self::assertCount(6, $this->in('refused'));
        self::assertSame([], $this->in('in'));
        self::assertSame(0, DB::table('orders')->count());
        $says = implode(
            '',
            array_map(
                fn(string $name): string => (string) file_get_contents("{$this->folder}/refused/{$name}"),
                array_filter($this->in('refused'), static fn(string $name): bool => str_ends_with($name, '.txt')),
            ),
        );
        self::assertStringContainsString('lacks the columns number, date, customer, kit, quantity', $says);
    }

    public function test_a_file_that_is_still_written_is_left_alone(): void
    {
        file_put_contents("{$this->folder}/in/half.csv", 'number,da');
        self::assertSame(0, $this->app->make(TakeFeed::class)());
        self::assertSame(['half.csv'], $this->in('in'));
    }

    public function test_a_parcel_that_is_set_aside_is_laid_out_for_the_carrier_once(): void
    {
        $seller = $this->person(Role::Packer);
        $run = $this->run_($this->released(), 2);
        $this->packed($seller, $run);
        $id = (int) $this->actingAs($seller)
            ->postJson('/api/orders', [
                'operationId' => (string) Str::uuid(),
                'number' => 'F/7 ../x',
                'placedOn' => '2026-11-25',
                'customer' => 'Gwen, Tressel',
                'address' => "Kelp Lane 2\n4321 Saltmarsh",
                'lines' => [['kitId' => $run->release->revision->kit_id, 'quantity' => 1, 'price' => '24.50']],
            ])
            ->json('id');
        self::assertSame(0, $this->app->make(TellCarrier::class)());
        $this->postJson("/api/orders/{$id}/allocate", ['operationId' => (string) Str::uuid()])->assertOk();
        self::assertSame(1, $this->app->make(TellCarrier::class)());
        self::assertSame(0, $this->app->make(TellCarrier::class)());
        self::assertSame(['F-7-..-x.csv', 'F-7-..-x.pdf'], $this->in('out'));
        self::assertStringStartsWith('%PDF', (string) file_get_contents("{$this->folder}/out/F-7-..-x.pdf"));
        self::assertSame(
            "number,name,address,contents,pieces,net_grams,value,currency,origin\n" .
                "F/7 ../x,\"Gwen, Tressel\",\"Kelp Lane 2, 4321 Saltmarsh\",Test kit,1,1,24.50,EUR,\n",
            file_get_contents("{$this->folder}/out/F-7-..-x.csv"),
        );
        // Put back, changed and set aside anew, it is told anew.
        $this->travel(2)->minutes();
        $this->postJson("/api/orders/{$id}/change", [
            'operationId' => (string) Str::uuid(),
            'seen' => 0,
            'lines' => [['kitId' => $run->release->revision->kit_id, 'quantity' => 2, 'price' => '24.50']],
        ])->assertOk();
        self::assertSame(0, $this->app->make(TellCarrier::class)());
        $this->postJson("/api/orders/{$id}/allocate", ['operationId' => (string) Str::uuid()])->assertOk();
        self::assertSame(1, $this->app->make(TellCarrier::class)());
        self::assertSame(0, $this->app->make(TellCarrier::class)());
        self::assertStringContainsString('Test kit,2,', (string) file_get_contents("{$this->folder}/out/F-7-..-x.csv"));
    }

    private function lay(string $name, string $bytes): void
    {
        file_put_contents("{$this->folder}/in/{$name}", $bytes);
        touch("{$this->folder}/in/{$name}", time() - 60);
    }

    /** @return list<string> */
    private function in(string $part): array
    {
        $files = array_map(basename(...), glob("{$this->folder}/{$part}/*") ?: []);
        sort($files);

        return $files;
    }
}
