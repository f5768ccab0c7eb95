<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('looks', function (Blueprint $table): void {
            $table->foreignId('user_id')->primary()->constrained()->cascadeOnDelete();
            $table->string('application');
            $table->string('context');
        });
        Schema::table('suites', function (Blueprint $table): void {
            $table
                ->jsonb('focus')
                ->nullable()
                ->comment('the application and the context that have the focus there, as its agent told last');
        });
    }
};
