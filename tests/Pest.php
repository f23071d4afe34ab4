<?php

declare(strict_types=1);

use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\OutsideTestCase;
use Tests\TestCase;

// Files of each process lie in a folder of its own, which goes with it.
$files = sys_get_temp_dir().'/neat-spindle-files-'.getmypid();
putenv("PRIVATE_FILES={$files}");
$_ENV['PRIVATE_FILES'] = $_SERVER['PRIVATE_FILES'] = $files;
register_shutdown_function(fn () => (new Filesystem)->deleteDirectory($files));

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Feature');
pest()->extend(OutsideTestCase::class)->in('Browser', 'System');
