<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\SchoolTestCase;

pest()->extend(SchoolTestCase::class)->use(RefreshDatabase::class)->in('Feature');
