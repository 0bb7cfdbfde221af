<?php

declare(strict_types=1);

require __DIR__.'/../vendor/autoload.php';

// The tests wipe their database. They may only ever touch one that says it is for tests.
if (preg_match('/_test(_\d+)?$/', (string) getenv('DB_DATABASE')) !== 1) {
    fwrite(STDERR, "Refusing: DB_DATABASE must end in _test. Run the tests with bin/test.\n");
    exit(1);
}
