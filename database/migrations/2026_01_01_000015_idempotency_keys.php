<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\Schema;

/** The table has the name that the header has. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::rename('first_answers', 'idempotency_keys');
    }

    public function down(): void
    {
        Schema::rename('idempotency_keys', 'first_answers');
    }
};
