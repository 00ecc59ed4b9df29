<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Kit\ImportKit;
use App\Models\Revision;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;

/** bin/backup and bin/restore, on the test cluster, outside any transaction. */
final class BackupTest extends TestCase
{
    public function createApplication()
    {
        $app = require dirname(__DIR__, 2) . '/bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    public function test_what_was_lost_after_a_backup_comes_back_files_and_all(): void
    {
        $root = dirname(__DIR__, 2);
        $archive = "{$root}/var/test-backup.tar.gz";
        $revision = $this->app->make(ImportKit::class)(['backup-proof.csv' => "Ref,Value\nR1,1k\n"], null);
        exec(
            'CHIRALEX_KIND=test ' . escapeshellarg("{$root}/bin/backup") . ' ' . escapeshellarg($archive) . ' 2>&1',
            $out,
            $code,
        );
        self::assertSame(0, $code, implode("\n", $out));
        $owner = DB::connection('owner');
        $owner->statement('truncate kits, revisions, original_files, edits, derived_results cascade');
        exec('rm -rf ' . escapeshellarg(config('app.files')));
        DB::disconnect();
        $owner->disconnect();
        exec(
            'CHIRALEX_KIND=test ' . escapeshellarg("{$root}/bin/restore") . ' ' . escapeshellarg($archive) . ' 2>&1',
            $restored,
            $code,
        );

        self::assertSame(0, $code, implode("\n", $restored));
        $back = Revision::query()->findOrFail($revision->id);
        self::assertSame('Backup proof', $back->kit->name);
        self::assertFileExists(
            config('app.files') . '/' . substr($back->files['bom.csv'], 0, 2) . "/{$back->files['bom.csv']}",
        );
        self::assertFalse(
            DB::selectOne("select has_table_privilege('chiralex_app', 'edits', 'update') as may")->may,
            'a restore gives no more rights',
        );
        $this->assertDamagedIsRefused($root, $archive);
    }

    private function assertDamagedIsRefused(string $root, string $archive): void
    {
        file_put_contents("{$archive}.bad", substr((string) file_get_contents($archive), 0, 400));
        exec(
            'CHIRALEX_KIND=test ' .
                escapeshellarg("{$root}/bin/restore") .
                ' ' .
                escapeshellarg("{$archive}.bad") .
                ' 2>&1',
            $out,
            $code,
        );

        self::assertSame(1, $code);
        self::assertGreaterThan(0, Revision::query()->count());
    }
}
