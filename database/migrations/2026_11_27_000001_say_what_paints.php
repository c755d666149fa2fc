<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Derived: whether an item paints anything. Unknown until it is computed.
        Schema::table('items', function (Blueprint $table): void {
            $table->boolean('paints')->nullable();
        });
    }
};
