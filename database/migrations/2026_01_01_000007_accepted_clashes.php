<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::rename('meant_clashes', 'accepted_clashes');
        // What earlier searches were asked and found is stored in other words than it is read in now.
        DB::table('harmonisations')->delete();
    }
};
