<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\RefreshDatabaseState;
use Tests\TestCase;

// bin/mutate starts the tests thousands of times on tables that it has made once.
RefreshDatabaseState::$migrated = getenv('BUOYANT_MIGRATED') === '1';

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Feature');
pest()->extend(TestCase::class)->in('Architecture');
