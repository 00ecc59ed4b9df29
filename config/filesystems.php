<?php

declare(strict_types=1);

return [
    'default' => 'local',
    // Stored files are never served by address; App\Support\FileStore keeps the files of kits.
    'disks' => ['local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false, 'throw' => true]],
];
