<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('house_applications', function (Blueprint $table): void {
            $table->id();
            $table->string('slug')->unique()->comment('its id as an application');
            $table->string('name');
            $table->string('state')->default('draft');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->unsignedInteger('version')->default(1);
            $table->char('digest', 32)->comment('of all that an application is made from');
            $table->jsonb('files')->comment('key files as they were brought, base64; the first is the factory file');
            $table->jsonb('corrections')->default('[]')->comment('what somebody said of the first file');
            $table->jsonb('certainties')->default('[]');
            $table->jsonb('catalogue');
            $table->jsonb('dialect');
            $table->jsonb('matches')->default('[]');
            $table->jsonb('systems')->default('[]');
            $table->jsonb('proof')->nullable();
            $table->jsonb('before')->nullable()->comment('what a newer version took the place of, to go back to');
            $table->timestamps();
        });
    }
};
