<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\HttpCase;

uses(HttpCase::class, RefreshDatabase::class)->in('Http');
